<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Ground\Typed;
use Illuminate\Http\Request;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Reading\Role;

/** What the maker put right on the page of a note: by the key of each stretch, which stays when the text changes. */
final readonly class Corrections
{
    private const MAX = 400;

    private const LEAST_BATCH = 0.1;

    /**
     * @param  array<string, Role>  $roles  what a stretch is
     * @param  array<string, string>  $picks  catalogue key of a line; empty: it stays open
     * @param  array<string, string>  $names  what was typed as its name
     * @param  array<string, string>  $amounts  as typed
     * @param  array<string, string>  $settled  catalogue key of a line by which the maker chose it
     * @param  string  $name  of the product, as typed; empty: as the note calls it
     * @param  string  $batch  how much it is to be, as typed
     * @param  bool  $fills  lines without an amount are to have the usual one
     * @param  array<string, string>  $pieceProblems  weights of one piece that can't be read, by "key/piece"
     */
    private function __construct(
        public array $roles,
        public array $picks,
        public array $names,
        public array $amounts,
        public array $settled,
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
        return new self(
            $this->roles,
            $this->picks,
            $this->names,
            [...$this->amounts, ...$amounts],
            $this->settled,
            $this->name,
            $this->audience,
            $this->use,
            $this->pieceProblems,
            $this->batch,
            false,
        );
    }

    /** Grams of the batch as typed; null where nothing is, or no weight can be read. */
    public function batchGrams(): ?float
    {
        $grams = Typed::number($this->batch);

        return $grams >= self::LEAST_BATCH && $grams <= FormulaDocument::MAX_GRAMS ? $grams : null;
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
