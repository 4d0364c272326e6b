<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Infusions\PlanDraft;
use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\Audience;
use Ilvane\Core\Reading\Role;

/**
 * A note as it was read, with the maker's corrections on top: the text with what each stretch is, the lines in grams,
 * what the note says beside what is computed.
 *
 * @phpstan-type Row array{key: string, n: int, state: string, name: string, written: string, amount: string,
 *   grams: string, band: string, other: string, choices: array<string, string>, chosen: string, phase: string,
 *   part: string, one: string, problem: string}
 * @phpstan-type Stretch array{text: string, key: string, role: string, n: int, state: string}
 * @phpstan-type Said array{what: string, said: string, here: string, differs: bool}
 */
final readonly class RecipePage
{
    /**
     * @param  list<Stretch>  $pieces  the whole text in order; role is empty for the white space between
     * @param  list<Row>  $rows
     * @param  array<string, string>  $parts  name and what is made, by key
     * @param  list<string>  $hints
     * @param  list<Said>  $claims
     * @param  array<string, string>  $roles  corrected, by key of the stretch
     * @param  array<string, string>  $settled  chosen by the maker: catalogue key, by key of the line
     * @param  string  $called  as the note calls it
     * @param  PlanDraft|null  $infusion  the same as an infusion, where it is one
     * @param  array<string, mixed>  $document  ilvane.formula/1 with the corrections in it
     * @param  array<string, string>  $pieceProblems  what was typed as the weight of one and can't be read
     * @param  array<string, string>  $usual  the usual share of lines without an amount, by key of the line
     * @param  string  $batch  how much it is to be, as typed or as the note says
     * @param  string  $batchProblem  why that can't be done, as a word key; empty where it can
     * @param  array<string, string>  $into  the part a line was said to go into, by key of the line
     */
    public function __construct(
        public string $text,
        public array $pieces,
        public array $rows,
        public array $parts,
        public array $hints,
        public array $claims,
        public array $roles,
        public array $settled,
        public int $doubts,
        public array $document,
        public string $called,
        public string $audience,
        public string $use,
        public ?PlanDraft $infusion,
        public array $pieceProblems,
        public array $usual,
        public string $batch,
        public string $batchProblem,
        public array $into,
    ) {
    }

    /** Something of it is made first: it can be planned for a day. */
    public function hasParts(): bool
    {
        return $this->infusion === null && ($this->document['parts'] ?? []) !== [];
    }

    /** @return list<string> what a stretch may be said to be */
    public function roleChoices(): array
    {
        return array_column(Role::choosable(), 'value');
    }

    /** @return array<string, string> what a line may be said to go into: what to say it by, and its name */
    public function places(): array
    {
        $byHand = $this->parts[RecipeDocument::BY_HAND] ?? say('recipes.into_new');
        $places = [];
        $all = [...$this->parts, RecipeDocument::BY_HAND => $byHand, '' => say('recipes.into_product')];
        foreach ($all as $key => $name) {
            $places[Corrections::INTO.$key] = $name;
        }

        return $places;
    }

    /** What is taken of a part made by hand, as typed. */
    public function taken(string $part): ?string
    {
        foreach ($part === RecipeDocument::BY_HAND ? $this->document['lines'] : [] as $line) {
            if (($line['part'] ?? '') === $part) {
                return $line['amount'] === RecipeDocument::NOT_SAID ? '' : $line['amount'];
            }
        }

        return null;
    }

    /** @return list<string> */
    public function audiences(): array
    {
        return array_column(Audience::cases(), 'value');
    }

    /** @return list<string> */
    public function uses(): array
    {
        return array_column(Application::cases(), 'value');
    }

    /** Whether the part a row belongs to is another one than that of the row before it. */
    public function beginsPart(int $row): bool
    {
        return $this->rows[$row]['part'] !== ($this->rows[$row - 1]['part'] ?? '');
    }

    /** What was typed as the weight of a piece and can't be read. */
    public function typedWeight(string $key, string $piece): string
    {
        return $this->pieceProblems["$key/$piece"] ?? '';
    }
}
