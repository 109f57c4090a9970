<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Models\Client;
use App\Models\Salon;

/** About thirty invented clients whose lives pose the problems. */
final class Clients
{
    /** Name, about, cautions, service, weeks between visits. */
    public const LIST = [
        [
            'Marit Solheim',
            'Swims for the county; greenish ends from the pool.',
            'Chlorine build-up: clarify before any lightener.',
            'swimmer',
            6,
        ],
        ['Ezekiel Boateng', 'Lighthouse keeper, going grey at the temples.', '', 'grey-soft', 5],
        ['Dorothea Vance', 'Cellist; alternates two deep reds, concert season and summer.', '', 'two-reds', 5],
        ['Gwilym Pryce', 'Baker; resistant grey at the hairline.', 'Sensitive scalp in winter.', 'grey-strong', 4],
        ['Anjali Rao', 'Twin. Must match Meera.', '', 'bronde', 7],
        ['Meera Rao', 'Twin. Must match Anjali.', '', 'bronde', 7],
        [
            'Sunniva Lie',
            'Marine biologist growing out old box dye.',
            'Unknown home colour on the ends: strand test first.',
            'correction',
            8,
        ],
        ['Cornelius Achterberg', 'Retired ferry captain, blending grey.', '', 'grey-soft', 6],
        ['Philippa Thorne', 'Bride-to-be, going light in three steps.', '', 'foils', 5],
        ['Yusuf Demir', 'Boat builder; likes it quick and dark.', '', 'grey-strong', 5],
        ['Hana Kobayashi', 'Architect; cool, even brown.', '', 'cool-brown', 6],
        ['Oluwaseun Adeyemi', 'Radio host; copper that must not go brassy.', '', 'copper', 6],
        ['Brigid Kinsella', 'Natural redhead topping up.', '', 'copper', 8],
        ['Teodora Petrova', 'Dancer; hair worn up, light face frame.', '', 'foils', 8],
        [
            'Rosalind Peake',
            'Judge; full grey cover, nothing warm.',
            'Reacted to a plaster once; watch the hairline.',
            'grey-strong',
            4,
        ],
        ['Linnea Forsberg', 'Sailing instructor, sun-lightened every summer.', '', 'gloss', 7],
        ['Mateus Figueira', 'Barista, bleached crop.', 'Scalp bleached twice last spring.', 'crop', 5],
        ['Agnieszka Nowak', 'Nurse; low upkeep.', '', 'bronde', 10],
        ['Imogen Castellan', 'Violin maker; beige, never yellow.', '', 'foils', 7],
        ['Tariq Mansour', 'Chef; grey blending at the sides only.', '', 'grey-soft', 5],
        ['Freya Halloran', 'Student; shadow root and gloss.', '', 'gloss', 9],
        ['Valentina Ricci', 'Florist; chocolate brown.', '', 'cool-brown', 7],
        ['Nadia Belmokhtar', 'Translator; deep mahogany.', '', 'two-reds', 6],
        ['Gunnar Eide', 'Harbour pilot; silver growing in.', '', 'gloss', 8],
        ['Pernille Dahl', 'Potter; warm honey ends.', '', 'bronde', 9],
        ['Cressida Moon', 'Bookseller; fine hair, cool blonde.', 'Fine hair: low strength only.', 'foils', 6],
        ['Abena Owusu', 'Teacher; warm brown, first greys.', '', 'grey-soft', 6],
        ['Isolde Marchetti', 'Swimwear designer; bright copper.', '', 'copper', 5],
        ['Samuel Nkemelu', 'Actor; colour follows the part.', '', 'cool-brown', 6],
        ['Wilhelmina Drost', 'Lock keeper; white at the temples, brown behind.', '', 'grey-strong', 5],
    ];

    public function load(Salon $salon): void
    {
        foreach (self::LIST as $index => [$name, $about, $cautions]) {
            Client::query()->create(
                [
                    'salon_id' => $salon->id,
                    'name' => $name,
                    'about' => $about,
                    'cautions' => $cautions,
                    'phone' => sprintf('0555 01%02d', $index),
                ],
            );
        }
    }
}
