<?php

// An infusion event: the jar is stood on its head.
return [
    'section' => 'An infusion event',
    'edits' => [
        'database/migrations/2026_12_01_000001_jars_are_turned.php' => static fn (): string => <<<'PHP'
            <?php

            use Illuminate\Database\Migrations\Migration;
            use Illuminate\Support\Facades\DB;

            return new class extends Migration
            {
                public function up(): void
                {
                    DB::table('jar_entry_kinds')->insert(['name' => 'turn']);
                }
            };

            PHP,
        'app/Models/Enums/JarEntryKind.php' => static fn (string $code): string => str_replace(
            "    case Undo = 'undo';",
            "    case Turn = 'turn';\n    case Undo = 'undo';",
            $code,
        ),
        'app/Infusions/JarBook.php' => static fn (string $code): string => str_replace(
            "    /** @throws Refused */\n    public function shake(",
            "    /** @throws Refused */\n    public function turn(Jar \$jar, Carbon \$at, string \$clientKey): void\n    {\n        \$this->add(\$this->standing(\$jar), 'turn', \$at, \$clientKey);\n    }\n\n    /** @throws Refused */\n    public function shake(",
            $code,
        ),
        'app/Infusions/JarController.php' => static fn (string $code): string => str_replace(
            '    public function look(',
            "    public function turn(Request \$request, Jar \$jar): RedirectResponse\n    {\n        return \$this->did(\n            \$jar,\n            fn () => \$this->jars->turn(\$jar, \$this->when(\$request, \$jar), Typed::key(\$request)),\n            back: Typed::text(\$request, 'back'),\n        );\n    }\n\n    public function look(",
            $code,
        ),
        'routes/infusions.php' => static fn (string $code): string => str_replace(
            "    Route::post('/look', 'look')",
            "    Route::post('/turn', 'turn')->name('infusion.turn');\n    Route::post('/look', 'look')",
            $code,
        ),
        'resources/views/infusions/show.blade.php' => static fn (string $code): string => preg_replace(
            '/(<details class="act" @if \(\$errors->hasAny\(\[\'take_out\')/',
            '<form method="post" action="{{ route(\'infusion.turn\', $page->jar) }}">@csrf<button class="button">{{ __(\'infusions.do_turn\') }}</button></form>'
                ."\n"
                .'                    $1',
            $code,
            1,
        ),
        'lang/en/infusions.php' => static fn (string $code): string => str_replace(
            "    'log' => [",
            "    'do_turn' => 'Turn it over',\n    'log' => ['turn' => 'Turned over', ",
            $code,
        ),
        'lang/fr/infusions.php' => static fn (string $code): string => str_replace(
            "    'log' => [",
            "    'do_turn' => 'Retourner',\n    'log' => ['turn' => 'Retourné', ",
            $code,
        ),
        'tests/Feature/JarTurnTest.php' => static fn (): string => <<<'PHP'
            <?php

            declare(strict_types=1);

            namespace Tests\Feature;

            use App\Infusions\JarBook;
            use App\Infusions\PlanDraft;
            use Illuminate\Support\Carbon;
            use Tests\Support\AppCase;

            final class JarTurnTest extends AppCase
            {
                public function test_it_is_turned_and_that_is_written_down(): void
                {
                    $this->seed(\Database\Seeders\DemoWorkroom::class);
                    $jar = \App\Models\Jar::query()->where('status', 'standing')->firstOrFail();
                    $this->get("/infusions/$jar->id")->assertOk()->assertSee('Turn it over');
                    $this->post("/infusions/$jar->id/turn", ['client_key' => '6b6a7c8e-1111-4222-8333-444455556666t'])->assertRedirect();
                    $this->get("/infusions/$jar->id")->assertSee('Turned over');
                }
            }

            PHP,
    ],
    'tests' => ['tests/Feature/JarTurnTest.php', 'tests/Feature/LanguageTest.php'],
];
