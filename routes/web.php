<?php

declare(strict_types=1);

use App\Files\JobFile;
use App\Files\SvgFile;
use App\Http\Controllers\AccountController;
use App\Http\Controllers\AuditController;
use App\Http\Controllers\BayController;
use App\Http\Controllers\BoardController;
use App\Http\Controllers\DeviceController;
use App\Http\Controllers\DrivingController;
use App\Http\Controllers\EntriesController;
use App\Http\Controllers\EvidenceController;
use App\Http\Controllers\GuideController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\ImportController;
use App\Http\Controllers\InstrumentController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\KitListController;
use App\Http\Controllers\LabourController;
use App\Http\Controllers\LimitController;
use App\Http\Controllers\ModelBookController;
use App\Http\Controllers\NoteController;
use App\Http\Controllers\OfferController;
use App\Http\Controllers\PartsController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\PracticeJobController;
use App\Http\Controllers\PreferenceController;
use App\Http\Controllers\ProveController;
use App\Http\Controllers\RecordController;
use App\Http\Controllers\RecordFilesController;
use App\Http\Controllers\RegisterController;
use App\Http\Controllers\RulesController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\ShopHistoryController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\StationController;
use App\Http\Controllers\VehicleController;
use App\Http\Controllers\VehicleDataController;
use App\Http\Controllers\WaiverController;
use App\Http\Controllers\WalkController;
use App\Http\Middleware\LiveSession;
use App\Http\Middleware\NoteExport;
use Illuminate\Session\Middleware\AuthenticateSession;
use Illuminate\Support\Facades\Route;
use Spindle\Fastening\BoltGroup;
use Spindle\Sheet\Station;

Route::get('/sign-in', [SignInController::class, 'show'])->name('sign-in');
Route::post('/sign-in', [SignInController::class, 'enter'])->name('sign-in.enter');
Route::post('/theme', [PreferenceController::class, 'theme'])->name('theme');

Route::middleware(['auth', AuthenticateSession::class, LiveSession::class])->group(function (): void {
    Route::post('/sign-out', [SignInController::class, 'leave'])->name('sign-out');

    Route::get('/account', [AccountController::class, 'show'])->name('account');
    Route::post('/account/password', [AccountController::class, 'password'])->middleware('throttle:10,1')->name('account.password');
    Route::post('/account/end-others', [AccountController::class, 'endOthers'])->name('account.end-others');
    Route::prefix('/people')->can('keep-accounts')->group(function (): void {
        Route::get('/', [PeopleController::class, 'index'])->name('people');
        Route::post('/', [PeopleController::class, 'store'])->name('people.store');
        Route::prefix('/{person}')->whereNumber('person')->group(function (): void {
            Route::post('/rename', [PeopleController::class, 'rename'])->name('people.rename');
            Route::post('/role', [PeopleController::class, 'role'])->name('people.role');
            Route::post('/disable', [PeopleController::class, 'disable'])->name('people.disable');
            Route::post('/enable', [PeopleController::class, 'enable'])->name('people.enable');
            Route::post('/reset', [PeopleController::class, 'reset'])->name('people.reset');
            Route::post('/let-try', [PeopleController::class, 'letTry'])->name('people.let-try');
            Route::post('/end-sessions', [PeopleController::class, 'endSessions'])->name('people.end-sessions');
        });
    });
    Route::get('/log', AuditController::class)->can('keep-accounts')->name('audit');

    Route::get('/', BayController::class)->name('bay');
    Route::post('/set-up/later', [BayController::class, 'later'])->can('set-shop-figures')->name('set-up.later');
    Route::get('/vehicles/{vehicle}', [VehicleController::class, 'show'])->name('vehicle');
    Route::get('/vehicles/{vehicle}/data.zip', [VehicleDataController::class, 'export'])
        ->can('keep-accounts')
        ->middleware(NoteExport::class.':the data')
        ->name('vehicle.data');
    Route::post('/vehicles/{vehicle}/erase', [VehicleDataController::class, 'erase'])->can('keep-accounts')->name('vehicle.erase');
    Route::post('/vehicles/{vehicle}/jobs', [VehicleController::class, 'openJob'])->name('vehicle.job');
    Route::get('/promises', [PlanController::class, 'atRisk'])->name('promises');
    Route::get('/new-job', [JobController::class, 'create'])->name('job.create');
    Route::post('/new-job', [JobController::class, 'store'])->name('job.store');
    Route::post('/new-job/register', [RegisterController::class, 'ask'])->name('register.ask');
    Route::get('/limits', [LimitController::class, 'index'])->name('limits');
    Route::post('/limits', [LimitController::class, 'store'])->can('set-shop-figures')->name('limits.store');
    Route::get('/instruments', [InstrumentController::class, 'index'])->name('instruments');
    Route::post('/instruments', [InstrumentController::class, 'store'])->can('set-shop-figures')->name('instruments.store');
    Route::post('/instruments/devices', [DeviceController::class, 'store'])->can('set-shop-figures')->name('devices.store');
    Route::post('/instruments/devices/{device}/revoke', [DeviceController::class, 'revoke'])->whereNumber('device')
        ->can('set-shop-figures')->name('devices.revoke');
    Route::get('/instruments/simulated', [DeviceController::class, 'simulated'])->name('devices.simulated');
    Route::post('/instruments/simulated', [DeviceController::class, 'read'])->name('devices.read');
    Route::get('/evidence', [EvidenceController::class, 'index'])->name('evidence');
    Route::get('/evidence/own-cases.json', [EvidenceController::class, 'learned'])->name('evidence.learned');
    Route::post('/evidence/learning', [EvidenceController::class, 'learning'])->can('set-shop-figures')->name('evidence.learning');
    Route::get('/evidence/{cause}', [EvidenceController::class, 'show'])->name('evidence.cause');
    Route::post('/evidence/{cause}', [EvidenceController::class, 'store'])->can('set-shop-figures')->name('evidence.store');
    Route::get('/models', [ModelBookController::class, 'index'])->name('models');
    Route::post('/models', [ModelBookController::class, 'store'])->name('models.store');
    Route::post('/models/confirm', [ModelBookController::class, 'confirm'])->can('set-shop-figures')->name('models.confirm');
    Route::get('/shelf', [ShelfController::class, 'index'])->name('shelf');
    Route::get('/shelf/list.csv', [ShelfController::class, 'export'])->middleware(NoteExport::class.':the list of kits')
        ->name('shelf.export');
    Route::get('/shelf/new', [ShelfController::class, 'create'])->name('shelf.new');
    Route::post('/shelf/new', [ShelfController::class, 'store'])->name('shelf.store');
    Route::get('/shelf/{kit}', [ShelfController::class, 'show'])->whereNumber('kit')->name('shelf.kit');
    Route::post('/shelf/{kit}/contents', [ShelfController::class, 'contents'])->whereNumber('kit')->name('shelf.contents');
    Route::post('/shelf/lists', [KitListController::class, 'store'])->name('lists.store');
    Route::get('/shelf/lists/{list}', [KitListController::class, 'show'])->whereNumber('list')->name('lists.show');
    Route::post('/shelf/lists/{list}/columns', [KitListController::class, 'map'])->whereNumber('list')->name('lists.map');
    Route::post('/shelf/lists/{list}/read', [KitListController::class, 'read'])->whereNumber('list')->name('lists.read');
    Route::post('/shelf/lists/{list}/take', [KitListController::class, 'take'])->whereNumber('list')->name('lists.take');
    Route::post('/shelf/lists/{list}/drop', [KitListController::class, 'drop'])->whereNumber('list')->name('lists.drop');
    Route::get('/rules', [RulesController::class, 'index'])->name('rules');
    Route::post('/rules/closed', [RulesController::class, 'closed'])->can('set-shop-figures')->name('rules.closed');
    Route::post('/rules', [RulesController::class, 'store'])->can('set-shop-figures')->name('rules.store');
    Route::get('/board.ics', [RecordFilesController::class, 'shopCalendar'])->middleware(NoteExport::class.':the calendar of the shop')
        ->name('board.calendar');
    Route::get('/board', [BoardController::class, 'show'])->name('board');
    Route::post('/board', [BoardController::class, 'lay'])->name('board.lay');
    Route::get('/board/proposal', [BoardController::class, 'proposal'])->name('board.proposal');
    Route::post('/board/back', [BoardController::class, 'takeBack'])->name('board.back');
    Route::post('/board/propose', [BoardController::class, 'propose'])->name('board.propose');
    Route::post('/board/places', [BoardController::class, 'places'])->can('set-shop-figures')->name('board.places');
    Route::post('/board/{slot}/move', [BoardController::class, 'move'])->whereNumber('slot')->name('board.move');
    Route::post('/board/{slot}/lift', [BoardController::class, 'lift'])->whereNumber('slot')->name('board.lift');
    Route::post('/labour/stop', [LabourController::class, 'stop'])->name('labour.stop');
    Route::get('/shop.zip', [RecordFilesController::class, 'shop'])
        ->can('set-shop-figures')
        ->middleware(NoteExport::class.':the whole shop')
        ->name('shop.archive');
    Route::get('/history', ShopHistoryController::class)->name('history');
    Route::get('/practice', [PracticeController::class, 'index'])->name('practice');
    Route::get('/practice/ways', [PracticeController::class, 'ways'])->name('practice.ways');
    Route::post('/practice/stations', [PracticeController::class, 'begin'])->name('practice.begin');
    Route::post('/practice/erase', [PracticeController::class, 'erase'])->name('practice.erase');
    Route::get('/practice/{seed}', [PracticeController::class, 'at'])->name('practice.at');
    Route::get('/guide', [GuideController::class, 'show'])->name('guide');
    Route::get('/guide/{station}', [GuideController::class, 'station'])->whereAlpha('station')->name('guide.station');
    Route::get('/guide/pictures/{name}', [GuideController::class, 'picture'])->where('name', '[a-z-]+')->name('guide.picture');
    Route::get('/import', [ImportController::class, 'create'])->name('import');
    Route::post('/import', [ImportController::class, 'store'])->name('import.store');

    Route::prefix('/jobs/{job}')
        ->where(['job' => '[0-9]{1,9}'])
        ->group(function (): void {
            Route::get('/', [JobController::class, 'show'])->name('job');
            Route::post('/units', [PreferenceController::class, 'units'])->name('job.units');
            Route::post('/register', [RegisterController::class, 'fill'])->name('job.register');
            Route::post('/kit/choice', [KitController::class, 'choose'])->name('job.kit');
            Route::get('/kit/compare', [KitController::class, 'compare'])->name('job.kit.compare');
            Route::get('/kit/held-back', [KitController::class, 'heldBack'])->name('job.kit.held-back');
            Route::get('/kit/{kit}', [KitController::class, 'show'])->whereNumber('kit')->name('job.kit.page');
            Route::post('/labour', [LabourController::class, 'start'])->name('job.labour');
            Route::get('/plan', [PlanController::class, 'show'])->name('job.plan');
            Route::get('/plan/guard', [PlanController::class, 'guard'])->name('job.plan.guard');
            Route::get('/plan/kit', [PlanController::class, 'otherKit'])->name('job.plan.kit');
            Route::post('/plan/promise', [PlanController::class, 'promise'])->name('job.plan.promise');
            Route::get('/offer', [OfferController::class, 'show'])->name('job.offer');
            Route::post('/offer', [OfferController::class, 'make'])->name('job.offer.make');
            Route::post('/offer/answer', [OfferController::class, 'answer'])->name('job.offer.answer');
            Route::get('/offer/beyond', [OfferController::class, 'beyond'])->name('job.offer.beyond');
            Route::get('/offer/sheet', [OfferController::class, 'sheet'])->name('job.offer.sheet');
            Route::get('/driving', [DrivingController::class, 'show'])->name('job.driving');
            Route::post('/driving', [DrivingController::class, 'keep'])->name('job.driving.keep');
            Route::get('/parts', [PartsController::class, 'show'])->name('job.parts');
            Route::post('/parts/order', [PartsController::class, 'order'])->name('job.order');
            Route::post('/parts/order/{step}', [PartsController::class, 'note'])->whereNumber('step')->name('job.order.note');
            Route::post('/parts/accept', [PartsController::class, 'accept'])->name('job.parts.accept');
            Route::get('/parts/order', [PartsController::class, 'sheet'])->name('job.order.sheet');
            Route::get('/parts/order.csv', [PartsController::class, 'csv'])->middleware(NoteExport::class.':the order')
                ->name('job.order.csv');
            Route::get('/drawings/{name}', [StationController::class, 'drawing'])
                ->whereIn('name', [...StationController::FRESH, ...StationController::FOLDED])
                ->name('job.drawing');
            Route::get('/drawings/{drawing}.svg', [StationController::class, 'svg'])
                ->whereIn('drawing', SvgFile::NAMES)
                ->middleware(NoteExport::class.':a drawing')
                ->name('job.svg');
            Route::get('/fit/bolts/{group}', [StationController::class, 'bolts'])
                ->whereIn('group', array_column(BoltGroup::cases(), 'value'))
                ->name('job.bolts');
            Route::post('/arm', [DeviceController::class, 'arm'])->name('job.arm');
            Route::post('/disarm', [DeviceController::class, 'disarm'])->name('job.disarm');
            Route::get('/armed', [DeviceController::class, 'waiting'])->name('job.armed');
            Route::post('/take-over', [WaiverController::class, 'takeOver'])->can('set-shop-figures')->name('job.take-over');
            Route::post('/waivers', [WaiverController::class, 'store'])->name('job.waiver');
            Route::post('/waivers/all', [WaiverController::class, 'all'])->name('job.waiver.all');
            Route::post('/waivers/agree', [WaiverController::class, 'agree'])->name('job.waiver.agree');
            Route::post('/notes', [NoteController::class, 'store'])->name('job.note');
            Route::post('/photos', [PhotoController::class, 'store'])->name('job.photo.store');
            Route::get('/photos/{photo}', [PhotoController::class, 'show'])
                ->whereNumber('photo')
                ->name('job.photo');
            Route::post('/sign', [RecordController::class, 'sign'])->name('job.sign');
            Route::get('/sheet', [SheetController::class, 'show'])->name('job.sheet');
            Route::get('/labels', [SheetController::class, 'labels'])->name('job.labels');
            Route::prefix('/practice')->name('job.practice.')->group(function (): void {
                Route::post('/read', [PracticeJobController::class, 'read'])->name('read');
                Route::post('/ask', [PracticeJobController::class, 'ask'])->name('ask');
                Route::post('/caution', [PracticeJobController::class, 'caution'])->name('caution');
                Route::post('/look', [PracticeJobController::class, 'look'])->name('look');
                Route::post('/end', [PracticeJobController::class, 'end'])->name('end');
                Route::post('/show', [PracticeJobController::class, 'show'])->name('show');
                Route::get('/', [PracticeJobController::class, 'debrief'])->name('debrief');
            });
            Route::prefix('/walk')->group(function (): void {
                Route::get('/', [WalkController::class, 'show'])->name('job.walk');
                Route::post('/', [WalkController::class, 'store'])->name('job.walk.take');
                Route::get('/way', [WalkController::class, 'way'])->name('job.walk.way');
                Route::post('/behind', [WalkController::class, 'behind'])->name('job.walk.behind');
                Route::get('/{field}', [WalkController::class, 'card'])->where('field', '[a-z0-9_.]+')->name('job.walk.card');
            });
            foreach (JobFile::cases() as $file) {
                Route::get("/{$file->value}", [RecordFilesController::class, 'one'])->defaults('file', $file->value)
                    ->middleware(NoteExport::class.':'.$file->logged())->name($file->route());
            }
            Route::get('/archive.zip', [RecordFilesController::class, 'archive'])->middleware(NoteExport::class.':the archive')
                ->name('job.archive');
            Route::get('/entries', [EntriesController::class, 'show'])->name('job.entries');
            Route::post('/take-back', [EntriesController::class, 'takeBack'])->name('job.take-back');
            Route::get('/history/{field}', HistoryController::class)->name('job.history');
            Route::get('/findings/{finding}', [StationController::class, 'finding'])->name('job.finding');
            Route::post('/round', [ProveController::class, 'again'])->name('job.round');
            Route::post('/again', [StationController::class, 'again'])->name('job.again');
            Route::post('/found', [StationController::class, 'found'])->name('job.found');
            Route::get('/{station}', [StationController::class, 'show'])
                ->whereIn('station', array_column(Station::cases(), 'value'))
                ->name('station');
            Route::post('/{station}', [StationController::class, 'store'])
                ->whereIn('station', array_column(Station::cases(), 'value'))
                ->name('station.store');
        });
});
