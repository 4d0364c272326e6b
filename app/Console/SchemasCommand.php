<?php

declare(strict_types=1);

namespace App\Console;

use App\Backups\RecordKind;
use App\Backups\RecordWriter;
use App\Backups\Schema;
use Illuminate\Console\Command;

/**
 * For those who work on Ilvane: the schemas of the records follow from one list, those of the tables from the
 * migrations.
 */
final class SchemasCommand extends Command
{
    protected $signature = 'ilvane:schemas';

    protected $description =
        'Writes docs/schemas anew for the records of a workroom, and database/schema for its tables';

    protected $hidden = true;

    public function handle(): int
    {
        foreach (RecordKind::all() as $kind) {
            file_put_contents(
                base_path('docs/schemas/'.strtr(substr($kind->format, 7), ['/' => '-']).'.json'),
                RecordWriter::json($kind->schema()),
            );
        }

        foreach (Schema::written() as $version => $lines) {
            file_put_contents(Schema::path($version), $lines);
        }

        return self::SUCCESS;
    }
}
