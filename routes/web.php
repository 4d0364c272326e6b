<?php

use App\Access\AccessController;
use App\Backups\BackupController;
use App\Bench\AcidityController;
use App\Bench\BenchController;
use App\Bench\DesignController;
use App\Infusions\JarController;
use App\Infusions\JarPlanController;
use App\Learn\HandbookController;
use App\Learn\PracticeController;
use App\Make\MakeController;
use App\Make\StepController;
use App\Pantry\CatalogueController;
use App\Pantry\OwnIngredientController;
use App\Pantry\PantryController;
use App\Pantry\ShoppingController;
use App\Papers\LabelController;
use App\Papers\PapersController;
use App\Preparations\PreparationController;
use App\Recipes\RecipeController;
use App\Settings\SettingsController;
use App\Shelf\BatchController;
use App\Shelf\ObservationController;
use App\Shelf\ShelfController;
use App\Simulation\SimulationController;
use App\Today\CalendarController;
use App\Today\SearchController;
use App\Today\TodayController;
use Illuminate\Support\Facades\Route;

Route::get('/', [TodayController::class, 'shelf'])->name('shelf');
// a page that was open too long asks for a new token and sends again; other sites can't read the answer
Route::get('/token', static fn (): array => ['token' => csrf_token()])->name('token');
Route::get('/shelf-line', [TodayController::class, 'line'])->name('shelf.line');
Route::get('/formulas', [TodayController::class, 'formulas'])->name('formulas');
Route::get('/catalogue/search', [CatalogueController::class, 'search'])->name('catalogue.search');

Route::get('/settings', [SettingsController::class, 'show'])->name('settings');
Route::post('/settings', [SettingsController::class, 'keep'])->name('settings.keep');
Route::post('/settings/language', [SettingsController::class, 'keepLanguage'])->name('settings.language');
Route::post('/settings/money', [SettingsController::class, 'keepMoney'])->name('settings.money');
Route::post('/settings/instruments', [SettingsController::class, 'keepInstruments'])->name('settings.instruments');
Route::post('/settings/learned', [SettingsController::class, 'learned'])->name('settings.learned');
Route::post('/settings/kitchen', [SettingsController::class, 'keepKitchen'])->name('settings.kitchen');
Route::post('/settings/hair', [SettingsController::class, 'keepHair'])->name('settings.hair');
Route::controller(AccessController::class)->group(function (): void {
    Route::get('/door', 'show')->name('door');
    Route::post('/door', 'signIn')->name('door.sign-in');
    Route::get('/come-in', 'invited')->name('door.invited');
    Route::post('/come-in', 'comeIn')->name('door.come-in');
    Route::get('/on-the-phone', 'phone')->name('phone');
    Route::post('/settings/passphrase', 'setPassphrase')->name('settings.passphrase');
    Route::post('/settings/devices/{device}/end', 'end')->whereNumber('device')->name('device.end');
});
Route::controller(BackupController::class)->prefix('/safe')->group(function (): void {
    Route::get('/', 'show')->name('safe');
    Route::post('/copy', 'copy')->name('safe.copy');
    Route::get('/copies/{name}', 'take')->where('name', '[a-z0-9-]+\.sqlite')->name('safe.take');
    Route::post('/copies/{name}', 'putBack')->where('name', '[a-z0-9-]+\.sqlite')->name('safe.put-back');
    Route::post('/restore', 'restore')->name('safe.restore');
    Route::get('/workroom.zip', 'export')->name('safe.export');
    Route::post('/look', 'look')->name('safe.look');
    Route::post('/import/{name}', 'import')->where('name', '[a-z0-9]{16}')->name('safe.import');
});
Route::controller(RecipeController::class)->group(function (): void {
    Route::get('/intake', 'paste')->name('intake');
    Route::post('/intake', 'read')->name('intake.read');
    Route::post('/intake/open', 'open')->name('intake.open');
});

Route::get('/frames', [BenchController::class, 'frames'])->name('frames');
Route::post('/frames/{key}', [BenchController::class, 'fromFrame'])->where('key', '[a-z-]{3,40}')->name('frame.take');
Route::post('/formulas', [BenchController::class, 'begin'])->name('formula.begin');
Route::controller(BenchController::class)->prefix('/formulas/{formula}')->whereNumber('formula')->group(function (): void {
    Route::get('/', 'bench')->name('bench');
    Route::post('/', 'change')->name('bench.change');
    Route::post('/keep', 'keep')->name('formula.keep');
    Route::post('/make', 'make')->name('formula.make');
    Route::get('/versions/{number}', 'version')->whereNumber('number')->name('version');
    Route::post('/versions/{number}/reopen', 'reopen')->whereNumber('number')->name('version.reopen');
});

Route::controller(DesignController::class)->prefix('/formulas/{formula}')->whereNumber('formula')->group(function (): void {
    Route::get('/propose', 'propose')->name('propose');
    Route::post('/propose', 'take')->name('propose.take');
    Route::get('/instead/{line}', 'instead')->where('line', '[a-z0-9]{4,12}')->name('instead');
    Route::post('/instead/{line}', 'swap')->where('line', '[a-z0-9]{4,12}')->name('instead.swap');
    Route::get('/compare', 'compare')->name('compare');
    Route::post('/versions/{number}/trial', 'trial')->whereNumber('number')->name('trial');
});

Route::controller(SimulationController::class)->prefix('/formulas/{formula}')->whereNumber('formula')->group(function (): void {
    Route::get('/rehearsal', 'show')->name('rehearsal');
    Route::post('/rehearsal', 'plan')->name('rehearsal.plan');
    Route::get('/set-out', 'setOut')->name('set-out');
});
Route::get('/formulas/{formula}/formula.{format}', [PapersController::class, 'file'])->whereNumber('formula')->whereIn('format', ['xlsx', 'ods', 'csv', 'json', 'svg', 'pdf'])->name('formula.file');
Route::get('/formulas/{formula}/how-to', [PapersController::class, 'howTo'])->whereNumber('formula')->name('how-to');
Route::get('/formulas/{formula}/acidity', [AcidityController::class, 'show'])->whereNumber('formula')->name('acidity');

Route::controller(MakeController::class)->prefix('/make/{batch}')->group(function (): void {
    Route::get('/', 'now')->name('make');
    Route::post('/practise', 'practise')->name('make.practise');
    Route::post('/drop', 'drop')->name('make.drop');
    Route::post('/resume', 'resume')->name('make.resume');
    Route::post('/{step}/reading', 'reading')->name('make.reading');
    Route::get('/{step}', 'step')->name('make.step');
});
Route::post('/make/{batch}/{step}', [StepController::class, 'record'])->name('make.record');

Route::get('/jars', [JarController::class, 'all'])->name('jars');
Route::post('/jars', [JarPlanController::class, 'begin'])->name('jar.begin');
Route::controller(JarPlanController::class)->prefix('/jars/{jar}')->whereNumber('jar')->group(function (): void {
    Route::post('/', 'change')->name('jar.change');
    Route::post('/start', 'start')->name('jar.start');
    Route::post('/drop', 'drop')->name('jar.drop');
    Route::post('/again', 'again')->name('jar.again');
});
Route::controller(JarController::class)->prefix('/jars/{jar}')->whereNumber('jar')->group(function (): void {
    Route::get('/', 'show')->name('jar');
    Route::post('/shake', 'shake')->name('jar.shake');
    Route::post('/look', 'look')->name('jar.look');
    Route::post('/pot', 'pot')->name('jar.pot');
    Route::post('/move', 'move')->name('jar.move');
    Route::get('/foresee', 'foresee')->name('jar.foresee');
    Route::post('/strain', 'strain')->name('jar.strain');
    Route::post('/discard', 'discard')->name('jar.discard');
    Route::post('/undo/{entry}', 'undo')->whereNumber('entry')->name('jar.undo');
    Route::get('/label', 'label')->name('jar.label');
});

Route::controller(PreparationController::class)->prefix('/preparations')->group(function (): void {
    Route::get('/', 'all')->name('preparations');
    Route::post('/', 'plan')->name('preparation.plan');
    Route::get('/{preparation}', 'show')->whereNumber('preparation')->name('preparation');
    Route::post('/{preparation}/made', 'made')->whereNumber('preparation')->name('preparation.made');
    Route::post('/{preparation}/plant', 'plant')->whereNumber('preparation')->name('preparation.plant');
    Route::post('/{preparation}/drop', 'drop')->whereNumber('preparation')->name('preparation.drop');
});

Route::get('/pantry', [PantryController::class, 'all'])->name('pantry');
Route::post('/pantry', [PantryController::class, 'put'])->name('pantry.put');
Route::controller(PantryController::class)->prefix('/pantry/{lot}')->group(function (): void {
    Route::get('/', 'show')->name('lot');
    Route::post('/use', 'use')->name('lot.use');
    Route::post('/move', 'move')->name('lot.move');
    Route::post('/count', 'count')->name('lot.count');
    Route::post('/open', 'open')->name('lot.open');
    Route::post('/discard', 'discard')->name('lot.discard');
    Route::post('/undo/{entry}', 'undo')->whereNumber('entry')->name('lot.undo');
    Route::post('/remove', 'remove')->name('lot.remove');
    Route::post('/bench', 'bench')->name('lot.bench');
});

Route::controller(ShoppingController::class)->prefix('/shopping')->group(function (): void {
    Route::get('/', 'show')->name('shopping');
    Route::post('/', 'add')->name('shopping.add');
    Route::post('/{plan}/drop', 'drop')->whereNumber('plan')->name('shopping.drop');
});
Route::controller(OwnIngredientController::class)->prefix('/own-ingredients')->group(function (): void {
    Route::get('/', 'all')->name('own');
    Route::post('/', 'keep')->name('own.keep');
    Route::post('/{key}/drop', 'drop')->where('key', '[a-z0-9-]{2,80}')->name('own.drop');
});

Route::controller(PracticeController::class)->prefix('/practice')->group(function (): void {
    Route::get('/', 'all')->name('practice');
    Route::get('/next/{sort}', 'next')->whereIn('sort', ['repair', 'rescue', 'judge'])->name('practice.next');
    Route::get('/rule/{rule}', 'ofRule')->where('rule', '[a-z0-9_.]{1,60}')->name('practice.rule');
    Route::get('/{code}', 'show')->where('code', '\d{1,3}-\d{1,6}')->name('practice.case');
    Route::post('/{code}', 'answer')->where('code', '\d{1,3}-\d{1,6}')->name('practice.answer');
});

Route::get('/search', [SearchController::class, 'search'])->name('search');
Route::get('/ingredients/{key}', [SearchController::class, 'ingredient'])->where('key', '[a-z0-9-]{2,80}')->name('ingredient');
Route::get('/handbook', [HandbookController::class, 'search'])->name('handbook');
Route::get('/handbook/{slug}', [HandbookController::class, 'topic'])->name('handbook.topic');

Route::get('/jars/{jar}/calendar.ics', [CalendarController::class, 'jar'])->whereNumber('jar')->name('jar.calendar');
Route::get('/calendar.ics', [CalendarController::class, 'file'])->name('calendar.file');
Route::get('/calendar/{token}.ics', [CalendarController::class, 'feed'])->where('token', '[a-f0-9]{32}')->name('calendar.feed');
Route::post('/calendar', [CalendarController::class, 'make'])->name('calendar.make');

if (config('ilvane.bench')) {
    Route::post('/bench/empty', fn () => response('<p>nothing</p>'));
}

Route::controller(ShelfController::class)->group(function (): void {
    Route::get('/shelf', 'all')->name('made');
    Route::post('/batches/{batch}/leaves', 'leaves')->name('made.leaves');
    Route::post('/batches/{batch}/move', 'move')->name('made.move');
    Route::post('/batches/{batch}/hair', 'hair')->name('made.hair');
    Route::post('/batches/{batch}/state', 'decide')->name('made.decide');
    Route::post('/batches/{batch}/shelf/{entry}/undo', 'undo')->whereNumber('entry')->name('made.undo');
    Route::get('/batches/{batch}/price', 'price')->name('price');
    Route::get('/batches/{batch}/trace', 'traceBatch')->name('trace.batch');
    Route::get('/pantry/{lot}/trace', 'traceLot')->name('trace.lot');
    Route::get('/jars/by-code/{code}', 'jar')->where('code', '[A-Z0-9-]{6,20}')->name('trace.jar');
});
Route::get('/batches/{batch}', [BatchController::class, 'record'])->name('batch');
Route::post('/batches/{batch}/watch', [ObservationController::class, 'saw'])->name('watch.saw');
Route::get('/photos/{photo}', [ObservationController::class, 'photo'])->whereNumber('photo')->name('photo');
Route::post('/batches/{batch}/watch/{sighting}/undo', [ObservationController::class, 'undo'])->whereNumber('sighting')->name('watch.undo');
Route::controller(LabelController::class)->group(function (): void {
    Route::get('/batches/{batch}/label', 'label')->name('label');
    Route::post('/batches/{batch}/label/name', 'name')->name('label.name');
    Route::get('/batches/{batch}/label.pdf', 'pdf')->name('label.pdf');
    Route::get('/batches/{batch}/record.{format}', 'record')->whereIn('format', ['pdf'])->name('batch.file');
    Route::get('/batches/{batch}/papers.zip', 'seller')->name('batch.seller');
    Route::get('/labels', 'all')->name('labels');
    Route::post('/labels/maker', 'maker')->name('labels.maker');
});
