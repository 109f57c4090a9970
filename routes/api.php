<?php

declare(strict_types=1);

use App\Http\Controllers\Bowls\AdjustBowlController;
use App\Http\Controllers\Bowls\ArrangeBowlController;
use App\Http\Controllers\Bowls\BlendDeveloperController;
use App\Http\Controllers\Bowls\BowlController;
use App\Http\Controllers\Bowls\BowlsToTakeController;
use App\Http\Controllers\Bowls\MergeBowlsController;
use App\Http\Controllers\Bowls\PreviewBowlController;
use App\Http\Controllers\Bowls\RemixController;
use App\Http\Controllers\Bowls\SplitBowlController;
use App\Http\Controllers\Bowls\SubstituteController as BowlSubstituteController;
use App\Http\Controllers\Bowls\TrialController;
use App\Http\Controllers\Bowls\WrittenBowlsController;
use App\Http\Controllers\Calendar\CalendarController;
use App\Http\Controllers\Clients\ClientController;
use App\Http\Controllers\House\GramsMeanController;
use App\Http\Controllers\House\HouseController;
use App\Http\Controllers\House\JudgementController;
use App\Http\Controllers\Lineage\CompareController;
use App\Http\Controllers\Lineage\ProposalController;
use App\Http\Controllers\Photos\PhotoController;
use App\Http\Controllers\Practice\PracticeController;
use App\Http\Controllers\Safety\ContraindicationController;
use App\Http\Controllers\Safety\SkinTestController;
use App\Http\Controllers\Safety\WaiverController;
use App\Http\Controllers\Scale\ScaleCheckController;
use App\Http\Controllers\Scale\ScaleFormatController;
use App\Http\Controllers\Scale\ScalePanelController;
use App\Http\Controllers\Session\SessionController;
use App\Http\Controllers\Shelf\HouseBlendController;
use App\Http\Controllers\Shelf\ShelfController;
use App\Http\Controllers\Visits\AmendVisitController;
use App\Http\Controllers\Visits\CanvasController;
use App\Http\Controllers\Visits\CareController;
use App\Http\Controllers\Visits\CloseVisitController;
use App\Http\Controllers\Visits\EndVisitController;
use App\Http\Controllers\Visits\PictureController;
use App\Http\Controllers\Visits\ReachedController;
use App\Http\Controllers\Visits\ReceiveClientController;
use App\Http\Controllers\Visits\RepeatVisitController;
use App\Http\Controllers\Visits\RoundController;
use App\Http\Controllers\Visits\SayLastedController;
use App\Http\Controllers\Visits\StampController;
use App\Http\Controllers\Visits\TemplateController;
use App\Http\Controllers\Visits\TimesController;
use App\Http\Controllers\Visits\TodayController;
use App\Http\Controllers\Visits\VisitController;
use App\Http\Controllers\Visits\WalkInController;
use App\Http\Controllers\Visits\WallController;
use App\Http\Controllers\Visits\WaysController;
use App\Http\Controllers\Weighing\BatchController;
use App\Http\Controllers\Weighing\BatchEventController;
use App\Http\Controllers\Weighing\BenchController;
use App\Http\Controllers\Weighing\PanController;
use App\Http\Controllers\Workbench\AmountController;
use App\Http\Controllers\Workbench\BlendController;
use App\Http\Controllers\Workbench\CodeController;
use App\Http\Controllers\Workbench\FillController;
use App\Http\Controllers\Workbench\GreyController;
use App\Http\Controllers\Workbench\StrengthController;
use App\Http\Controllers\Workbench\SubstituteController;
use App\Http\Controllers\Workbench\TonerController;
use App\Http\Controllers\Workbench\ZoneController;
use App\Http\Middleware\IdleLock;
use App\Http\Middleware\TellNews;
use App\Http\Middleware\WriteOnce;
use Illuminate\Support\Facades\Route;

Route::get('session', [SessionController::class, 'show']);
Route::post('session', [SessionController::class, 'store']);

Route::middleware(['auth', 'auth.session'])->group(function (): void {
    Route::delete('session', [SessionController::class, 'destroy']);
    Route::post('session/lock', [SessionController::class, 'lock']);
    Route::post('session/unlock', [SessionController::class, 'unlock']);
});

Route::middleware(['auth', 'auth.session', IdleLock::class, WriteOnce::class, TellNews::class])->group(function (): void {
    Route::put('session/password', [SessionController::class, 'password']);

    Route::get('today', TodayController::class);
    Route::get('wall', WallController::class);
    Route::post('walk-ins', WalkInController::class);
    Route::post('calendar', [CalendarController::class, 'store']);
    Route::get('visits/{visit}/calendar', [CalendarController::class, 'visit']);
    Route::get('shelf', ShelfController::class);
    Route::get('house', [HouseController::class, 'show']);
    Route::put('house', [HouseController::class, 'update']);
    Route::get('house/judgement', JudgementController::class);
    Route::get('practice', [PracticeController::class, 'index']);
    Route::post('practice', [PracticeController::class, 'store']);
    Route::post('visits/{visit}/practice', [PracticeController::class, 'try']);
    Route::post('house-blends', [HouseBlendController::class, 'store']);

    Route::get('clients', [ClientController::class, 'index']);
    Route::post('clients', [ClientController::class, 'store']);
    Route::get('clients/{client}', [ClientController::class, 'show']);
    Route::put('clients/{client}', [ClientController::class, 'update']);
    Route::post('clients/{client}/visits', [VisitController::class, 'store']);

    Route::get('visits/{visit}', [VisitController::class, 'show']);
    Route::patch('visits/{visit}', [VisitController::class, 'update']);
    Route::delete('visits/{visit}', [VisitController::class, 'destroy']);
    Route::post('visits/{visit}/receive', ReceiveClientController::class);
    Route::post('visits/{visit}/close', CloseVisitController::class);
    Route::post('visits/{visit}/amend', AmendVisitController::class);
    Route::put('visits/{visit}/lasted', SayLastedController::class);
    Route::post('visits/{visit}/end', EndVisitController::class);
    Route::post('visits/{visit}/repeat', RepeatVisitController::class);
    Route::post('visits/{visit}/rounds', [RoundController::class, 'store']);

    Route::put('visits/{visit}/canvas', [CanvasController::class, 'update']);
    Route::post('visits/{visit}/picture', PictureController::class);
    Route::post('visits/{visit}/ways', WaysController::class);
    Route::post('visits/{visit}/rounds/plan', [WaysController::class, 'take']);
    Route::post('visits/{visit}/written', WrittenBowlsController::class);
    Route::post('visits/{visit}/template', [TemplateController::class, 'store']);
    Route::post('visits/{visit}/templates/{template}', [TemplateController::class, 'take'])->name('template.take');
    Route::delete('templates/{template}', [TemplateController::class, 'destroy']);
    Route::get('visits/{visit}/bowls-to-take', BowlsToTakeController::class);
    Route::post('visits/{visit}/grams-mean', GramsMeanController::class);
    Route::post('visits/{visit}/waivers', [WaiverController::class, 'store']);
    Route::get('visits/{visit}/compare/{other}', [CompareController::class, 'visits']);
    Route::get('bowls/{bowl}/compare/{other}', [CompareController::class, 'bowls']);
    Route::put('rounds/{round}/reached', [ReachedController::class, 'update']);
    Route::put('visits/{visit}/care', [CareController::class, 'update']);
    Route::patch('rounds/{round}', [RoundController::class, 'update']);
    Route::delete('rounds/{round}', [RoundController::class, 'destroy']);
    Route::patch('proposals/{proposal}', [ProposalController::class, 'update']);

    Route::post('clients/{client}/skin-tests', [SkinTestController::class, 'store']);
    Route::patch('skin-tests/{test}', [SkinTestController::class, 'update']);
    Route::post('clients/{client}/contraindications', [ContraindicationController::class, 'store']);
    Route::patch('contraindications/{contraindication}', [ContraindicationController::class, 'update']);
    Route::post('clients/{client}/photos', [PhotoController::class, 'store']);
    Route::get('photos/{photo}', [PhotoController::class, 'show']);

    Route::post('bowls/adjusted', AdjustBowlController::class);
    Route::post('bowls/substitutes', BowlSubstituteController::class);
    Route::post('bowls/{bowl}/stamps', [StampController::class, 'store']);
    Route::post('visits/{visit}/stamps', [StampController::class, 'together']);
    Route::post('visits/{visit}/times', [TimesController::class, 'preview']);
    Route::put('visits/{visit}/hands', [TimesController::class, 'hands']);
    Route::patch('bowls/{bowl}/times', [TimesController::class, 'bowl']);
    Route::patch('bowls/{bowl}/place', ArrangeBowlController::class);
    Route::post('bowls/{bowl}/split', SplitBowlController::class);
    Route::post('bowls/{bowl}/merge', MergeBowlsController::class);
    Route::get('bowls/{bowl}/remix', RemixController::class);
    Route::put('bowls/{bowl}/trial', [TrialController::class, 'update']);
    Route::post('bowls/{bowl}/carry', [TrialController::class, 'store']);
    Route::post('bowls/preview', PreviewBowlController::class);
    Route::post('developers/blend', BlendDeveloperController::class);
    Route::post('rounds/{round}/bowls', [BowlController::class, 'store']);
    Route::put('bowls/{bowl}', [BowlController::class, 'update']);
    Route::delete('bowls/{bowl}', [BowlController::class, 'destroy']);

    Route::get('bowls/{bowl}/bench', BenchController::class);
    Route::get('bowls/{bowl}/batch', [BatchController::class, 'current']);
    Route::post('bowls/{bowl}/batches', [BatchController::class, 'store']);
    Route::get('batches/{batch}', [BatchController::class, 'show']);
    Route::post('batches/{batch}/events', [BatchEventController::class, 'store']);
    Route::post('batches/{batch}/pan', PanController::class);

    Route::prefix('workbench')->group(function (): void {
        Route::get('code', CodeController::class);
        Route::get('strength', StrengthController::class);
        Route::get('blend', BlendController::class);
        Route::get('zone', ZoneController::class);
        Route::get('grey', GreyController::class);
        Route::get('fill', FillController::class);
        Route::get('toner', TonerController::class);
        Route::get('amount', AmountController::class);
        Route::get('substitute', SubstituteController::class);
    });

    Route::get('scale/formats', [ScaleFormatController::class, 'index']);
    Route::post('scale/formats', [ScaleFormatController::class, 'store']);
    Route::post('scale/formats/tried', [ScaleFormatController::class, 'tried']);
    Route::delete('scale/formats/{format}', [ScaleFormatController::class, 'destroy']);
    Route::get('scale/check', ScaleCheckController::class);
    Route::get('scale/panel', [ScalePanelController::class, 'show']);
    Route::post('scale/panel', [ScalePanelController::class, 'store']);
});
