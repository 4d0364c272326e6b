<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Ground\Typed;
use Illuminate\Http\Request;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Measure\WithChanges;
use Ilvane\Core\Reading\Role;

/** What the maker put right on the page of a note: by the key of each stretch, which stays when the text changes. */
final readonly class Corrections
{
    use WithChanges;

    /** Before the key of a part, where a stretch is said to go into it. */
    public const INTO = 'into:';

    private const MAX = 400;

    private const LEAST_BATCH = 0.1;

    /**
     * @param  array<string, Role>  $roles  what a stretch is
     * @param  array<string, string>  $picks  catalogue key of a line; empty: it stays open
     * @param  array<string, string>  $names  what was typed as its name
     * @param  array<string, string>  $amounts  as typed
     * @param  array<string, string>  $settled  catalogue key of a line by which the maker chose it
     * @param  array<string, string>  $into  key of the part a line goes into; empty: the product itself
     * @param  string  $name  of the product, as typed; empty: as the note calls it
     * @param  string  $batch  how much it is to be, as typed
     * @param  bool  $fills  lines without an amount are to have the usual one
     * @param  array<string, string>  $pieceProblems  weights of one piece that can't be read, by "key/piece"
     */
    public function __construct(
        public array $roles,
        public array $picks,
        public array $names,
        public array $amounts,
        public array $settled,
        public array $into,
        public string $name,
        public string $audience,
        public string $use,
        public array $pieceProblems,
        public string $batch,
        public bool $fills,
    ) {
    }

    /** @param  array<string, string>  $amounts  for lines that have none */
    public function filled(array $amounts): self
    {
        return $this->with(amounts: [...$this->amounts, ...$amounts], fills: false);
    }

    public function weighing(float $grams): self
    {
        return $this->with(batch: round($grams, 1).' g');
    }

    /** Grams of the batch as typed; null where nothing is, or no weight can be read. */
    public function batchGrams(): ?float
    {
        $grams = Typed::number($this->batch);

        return $grams >= self::LEAST_BATCH && $grams <= FormulaDocument::MAX_GRAMS ? $grams : null;
    }

    /** Millilitres of the container it is to fill, as typed: "250 ml", "25 cl"; null where no volume can be read. */
    public function batchMillilitres(): ?float
    {
        $ofOne = ['ml' => 1.0, 'cl' => 10.0, 'l' => 1000.0];
        if (preg_match('/^(.+?)\s*(ml|cl|l)$/i', trim($this->batch), $typed) !== 1) {
            return null;
        }
        $millilitres = Typed::number($typed[1]) * $ofOne[strtolower($typed[2])];

        return $millilitres >= self::LEAST_BATCH && $millilitres <= FormulaDocument::MAX_GRAMS ? $millilitres : null;
    }

    public function isBatchUnread(): bool
    {
        return $this->batch !== '' && $this->batchGrams() === null && $this->batchMillilitres() === null;
    }

    public static function of(Request $request): self
    {
        $roles = array_filter(array_map(
            self::role(...),
            self::texts($request, 'role'),
        ));
        [$marked, $as] = [self::text($request, 'mark'), self::role(self::text($request, 'as'))];
        if ($marked !== '' && $as !== null) {
            $roles[$marked] = $as;
        }
        $into = self::texts($request, 'into');
        if ($marked !== '' && str_starts_with(self::text($request, 'as'), self::INTO)) {
            $into[$marked] = substr(self::text($request, 'as'), strlen(self::INTO));
        }
        foreach (array_keys(self::texts($request, 'drop')) as $key) {
            $roles[$key] = Role::Remark;
        }
        $name = trim(Typed::text($request, 'name', 120));

        return new self(
            $roles,
            [...self::texts($request, 'pick'), ...self::texts($request, 'take')],
            array_diff_key(self::texts($request, 'called_line'), self::texts($request, 'take')),
            self::texts($request, 'amount'),
            [...self::texts($request, 'settled'), ...self::texts($request, 'take')],
            $into,
            $name === Typed::text($request, 'called', 120) ? '' : $name,
            self::text($request, 'audience'),
            self::text($request, 'use'),
            array_filter((array) $request->attributes->get(KeepOwnPieces::PROBLEMS, []), is_string(...)),
            self::text($request, 'batch'),
            $request->has('fill'),
        );
    }

    /** null for what no stretch can be said to be */
    private static function role(string $named): ?Role
    {
        $role = Role::tryFrom($named);

        return in_array($role, Role::choosable(), true) ? $role : null;
    }

    private static function text(Request $request, string $field): string
    {
        $value = $request->input($field);

        return is_string($value) ? mb_substr(mb_scrub($value), 0, 80) : '';
    }

    /** @return array<string, string> */
    private static function texts(Request $request, string $field): array
    {
        $given = $request->input($field);
        $texts = [];
        foreach (is_array($given) ? array_slice($given, 0, self::MAX, true) : [] as $key => $value) {
            if (is_string($value) || $value === null) {
                $texts[(string) $key] = mb_substr(mb_scrub((string) $value), 0, 200);
            }
        }

        return $texts;
    }
}
