<?php

declare(strict_types=1);

namespace App\Providers;

use App\Access\Authority;
use App\Backups\BackupFiles;
use App\Backups\Schema;
use App\Ground\FieldProblem;
use App\Ground\OwnCatalogue;
use App\Ground\OwnKitchen;
use App\Ground\OwnMeasures;
use App\Ground\Settings;
use App\Ground\ShippedCatalogue;
use App\Ground\Wording;
use App\Http\AtomicSessions;
use App\Instruments\ByHand;
use App\Instruments\Instruments;
use App\Instruments\OverLine;
use App\Make\BatchFilled;
use App\Models\ImmediateSqlite;
use App\Recipes\NotePictureStrip;
use App\Shelf\SplitAtFilling;
use App\Today\Navigation;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\MigrationsStarted;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Practice\Mistakes;
use Ilvane\Core\Reading\RecipeReader;

/** Joins the core to this house: its catalogue, its measures. */
final class WorkroomProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor(
            'sqlite',
            static fn (
                $pdo,
                $database,
                $prefix,
                $config,
            ): ImmediateSqlite => new ImmediateSqlite($pdo, $database, $prefix, $config),
        );
        $this->app->singleton(
            ShippedCatalogue::class,
            static fn (): ShippedCatalogue => new ShippedCatalogue(
                config()->string('ilvane.data'),
                config()->string('ilvane.catalogue'),
            ),
        );
        $this->app->singleton(
            Catalogue::class,
            fn (): Catalogue => new Catalogue(new OwnCatalogue($this->app->make(ShippedCatalogue::class))),
        );
        $this->app->singleton(Tools::class, fn (): Tools => $this->app->make(OwnMeasures::class)->tools());
        $this->app->singleton(Wording::class);
        $this->app->singleton(
            Authority::class,
            static fn (): Authority => new Authority(config()->string('ilvane.authority')),
        );
        $this->app->singleton(Mistakes::class, static function (): Mistakes {
            /** @var list<array{key: string, code: string, frames: list<string>}> $rows */
            $rows = json_decode(
                (string) file_get_contents(config()->string('ilvane.data').'/mistakes.json'),
                true,
                64,
                JSON_THROW_ON_ERROR,
            );

            return Mistakes::of($rows);
        });
        $this->app->scoped(OwnKitchen::class);
        $this->app->singleton(Instruments::class, static function (): Instruments {
            $port = Settings::values('instruments')['port'] ?? config('ilvane.instruments');

            return is_int($port) ? new OverLine($port) : new ByHand;
        });
        $this->app->singleton(
            RecipeReader::class,
            fn (): RecipeReader => new RecipeReader($this->app->make(Catalogue::class)),
        );
        $this->app->singleton(
            Evaluator::class,
            fn (): Evaluator => new Evaluator($this->app->make(Catalogue::class), $this->app->make(Tools::class)),
        );
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        Model::unguard();
        Blade::directive(
            'invalid',
            static fn (string $arguments): string => sprintf(
                '<?php echo \\%s::attributes($errors, %s) ?>',
                FieldProblem::class,
                $arguments,
            ),
        );
        View::composer('components.page', Navigation::class);
        View::composer('recipes.pictures', NotePictureStrip::class);
        $this->callAfterResolving('migrator', static function (Migrator $migrator): void {
            Schema::isFromBefore() ? $migrator->path(database_path('lifts')) : null;
        });
        Event::listen(BatchFilled::class, SplitAtFilling::class);
        Event::listen(MigrationsStarted::class, BackupFiles::beforeMigrating(...));
        Session::extend(
            'file',
            fn (): AtomicSessions => new AtomicSessions(
                $this->app->make(Filesystem::class),
                config()->string('session.files'),
                config()->integer('session.lifetime'),
            ),
        );
    }
}
