<?php

declare(strict_types=1);

namespace App\Photos;

use App\Exceptions\PhotoRefused;
use GdImage;

/** An uploaded picture drawn anew: upright, no larger than needed, and with nothing in the file but its pixels. */
final readonly class CleanPhoto
{
    public const LONGEST_SIDE = 1600;

    private const MOST_PIXELS = 50_000_000;

    /** @param  string  $jpeg  bytes of the new file */
    private function __construct(public string $jpeg, public int $width, public int $height)
    {
    }

    /** @throws PhotoRefused when the bytes are no picture that can be drawn */
    public static function from(string $bytes): self
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw PhotoRefused::noPicture();
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw PhotoRefused::tooLarge();
        }
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            throw PhotoRefused::noPicture();
        }
        $image = self::upright($image, $bytes, $size[2]);
        $longest = max(imagesx($image), imagesy($image));
        if ($longest > self::LONGEST_SIDE) {
            $scaled = imagescale(
                $image,
                intdiv(imagesx($image) * self::LONGEST_SIDE, $longest) ?: 1,
                intdiv(imagesy($image) * self::LONGEST_SIDE, $longest) ?: 1,
                IMG_BICUBIC,
            );
            $image = $scaled === false ? throw PhotoRefused::noPicture() : $scaled;
        }
        // On white: a transparent corner would come out black.
        $plain = imagecreatetruecolor(imagesx($image), imagesy($image));
        imagefill($plain, 0, 0, (int) imagecolorallocate($plain, 255, 255, 255));
        imagecopy($plain, $image, 0, 0, 0, 0, imagesx($image), imagesy($image));
        ob_start();
        imagejpeg($plain, null, 85);

        return new self((string) ob_get_clean(), imagesx($plain), imagesy($plain));
    }

    /** Cameras write which way is up beside the picture; before that is thrown away, it is done. */
    private static function upright(GdImage $image, string $bytes, int $type): GdImage
    {
        $exif = $type === IMAGETYPE_JPEG ? @exif_read_data('data://image/jpeg;base64,'.base64_encode($bytes)) : false;
        $degrees = match (is_array($exif) ? (int) ($exif['Orientation'] ?? 1) : 1) {
            3 => 180, 6 => 270, 8 => 90, default => 0,
        };
        $turned = $degrees === 0 ? $image : imagerotate($image, $degrees, 0);

        return $turned === false ? $image : $turned;
    }
}
