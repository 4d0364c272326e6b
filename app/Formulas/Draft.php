<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Ground\Drafts\TypedDraft;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Formula\Audience;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Line;
use Ilvane\Core\Formula\Patch;
use Ilvane\Core\Formula\Region;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Amount;

/**
 * What lies on the bench, exactly as typed. Numbers stay text until they are read, so that a slip of the finger is kept
 * and pointed at instead of being thrown away.
 *
 * @phpstan-import-type DraftLine from DraftLines
 * @phpstan-import-type DraftPart from DraftParts
 */
final class Draft implements TypedDraft
{
    private const TEXT = [
        'name',
        'family',
        'use',
        'audience',
        'region',
        'batch',
        'scale',
        'ph',
        'intended',
        'storage',
        'directions',
        'notes',
    ];

    /**
     * @param  array<string, string>  $text
     * @param  list<DraftLine>  $lines  of the product, and of its parts
     * @param  array<string, mixed>  $rest
     * @param  list<DraftPart>  $parts
     */
    private function __construct(
        private array $text,
        private array $lines,
        private array $rest,
        private array $parts = [],
    ) {
    }

    /** @param  array<string, mixed>  $stored */
    public static function fromStored(array $stored): self
    {
        [$parts, $inside] = DraftParts::fromDocument($stored['rest']['parts'] ?? null); // as drafts were once kept
        unset($stored['rest']['parts']);
        $stored = [...self::blank('', Family::LeaveInEmulsion)->toStored(), 'parts' => $parts, ...$stored];
        /** @var array{text: array<string, string>, lines: list<DraftLine>, rest: array<string, mixed>,
         *   parts: list<DraftPart>} $stored */
        $lines = array_map(static fn (array $line): array => ['in' => '', ...$line], $stored['lines']);

        return (new self($stored['text'], [...$lines, ...$inside], $stored['rest'], $stored['parts']))->inLanes();
    }

    /**
     * The lines in the order they are shown: lane by lane, then part by part, each in the order it was written; those
     * that take of a part by its name.
     */
    private function inLanes(): self
    {
        $next = clone $this;
        $next->lines = DraftLines::inLanes(
            DraftParts::tied($this->parts, $this->lines),
            $this->family(),
            array_column($this->parts, 'key'),
        );

        return $next;
    }

    public function family(): Family
    {
        return Family::tryFrom($this->text['family']) ?? Family::LeaveInEmulsion;
    }

    public static function blank(string $name, Family $family): self
    {
        return new self([
            'name' => $name,
            'family' => $family->value,
            'use' => $family->usualUse()->value,
            'audience' => Audience::Adult->value,
            'region' => Region::EuropeanUnion->value,
            'batch' => '200',
            'scale' => '0.1',
            'ph' => '',
            'intended' => '',
            'storage' => '',
            'directions' => '',
            'notes' => '',
        ], [], []);
    }

    /** @param  array<string, mixed>  $document ilvane.formula/1, already checked */
    public static function fromDocument(array $document): self
    {
        $formula = FormulaDocument::read($document);
        $number = static fn (?float $value): string => $value === null ? '' : Amount::plain($value);
        $draft = new self([
            'name' => $formula->name, 'family' => $formula->family->value, 'use' => $formula->use->value,
            'audience' => $formula->audience->value,
            'region' => $formula->region->value,
            'batch' => $number($formula->batchGrams),
            'scale' => $number($formula->scaleResolutionG),
            'ph' => $number($formula->ph),
            'intended' => $formula->keeping->intended->value ?? '',
            'storage' => $formula->keeping->storage->value ?? '',
            'directions' => $formula->directions, 'notes' => $formula->notes,
        ], [], DraftDocument::rest($document));
        [$draft->parts, $inside] = DraftParts::fromDocument($document['parts'] ?? null);
        foreach (is_array($document['lines'] ?? null) ? $document['lines'] : [] as $i => $line) {
            if (is_array($line)) {
                $draft->lines[] = DraftLines::fromDocument($line, $formula->lines[$i]->amount ?? '');
            }
        }
        array_push($draft->lines, ...$inside);

        return $draft->inLanes();
    }

    /**
     * The draft with what the form holds; a field or a row it does not hold stays as it is. Unknown fields are left
     * out, texts are
     * cut to what the open form takes.
     *
     * @param  array<mixed>  $form
     */
    public function withForm(array $form): static
    {
        $next = clone $this;
        foreach (self::TEXT as $field) {
            if (is_string($form[$field] ?? null)) {
                $next->text[$field] = DraftLines::clean(
                    $form[$field],
                    in_array($field, ['directions', 'notes'], true)
                        ? FormulaDocument::MAX_NOTES
                        : FormulaDocument::MAX_NAME,
                );
            }
        }
        if (is_array($form['lines'] ?? null)) {
            $next->lines = DraftLines::withForm($form['lines'], $this->lines, array_column($this->parts, 'key'));
        }
        if (is_array($form['parts'] ?? null)) {
            $next->parts = DraftParts::withForm($form['parts'], $this->parts);
        }

        return $next->inLanes();
    }

    /**
     * Lines that name a lot of the pantry take in what it is, its code and its date.
     *
     * @param  callable(string): (array<string, mixed>|null)  $lineOf  a line of the open form without its amount
     */
    public function withLots(callable $lineOf): self
    {
        $next = clone $this;
        foreach ($next->lines as $i => $line) {
            $lot = $lineOf($line['ingredient']);
            if ($lot !== null) {
                $taken = DraftLines::fromDocument(
                    ['_key' => $line['key'], ...$lot, 'prepared' => $line['prepared']],
                    $line['amount'],
                );
                // the name stays as it was picked, so that the next form finds the same thing in the row
                $next->lines[$i] = [
                    ...$taken,
                    'name' => $line['name'],
                    'phase' => $line['phase'] !== '' ? $line['phase'] : $taken['phase'],
                ];
            }
        }

        return $next;
    }

    /**
     * Lines that name a formula of one's own take it in as it stands now. One that would be inside itself is refused.
     *
     * @param  callable(string): (array<string, mixed>|null)  $documentOf
     */
    public function withFormulas(callable $documentOf): self
    {
        $next = clone $this;
        foreach ($next->lines as $i => $line) {
            if (! str_starts_with($line['ingredient'], FormulaBook::KEY)) {
                continue;
            }
            $document = $documentOf($line['ingredient']);
            $next->lines[$i]['ingredient'] = '';
            if ($document === null) {
                continue;
            }
            $next->lines[$i]['rest'] = [...$line['rest'], 'formula' => $document];
            try {
                $next->formula();
                $next->lines[$i]['name'] = is_string($document['name']) ? $document['name'] : $line['name'];
            } catch (DocumentRefused) {
                $next->lines[$i]['rest'] = [...$line['rest'], 'refused' => 'ring'];
            }
        }

        return $next;
    }

    /**
     * A free name that the catalogue knows exactly becomes its ingredient; a phase not chosen becomes the ingredient's
     * own.
     */
    public function settled(Catalogue $catalogue): self
    {
        $next = clone $this;
        $next->lines = DraftLines::settled($next->lines, $catalogue);

        return $next->inLanes();
    }

    /** Every measured amount times a factor; percentages stay, and the batch size grows with them. */
    public function scaled(float $factor): self
    {
        $next = clone $this;
        $next->lines = DraftLines::scaled($next->lines, $factor);
        $next->parts = DraftParts::scaled($next->parts, $factor);
        $batch = str_replace(',', '.', trim($next->text['batch']));
        if (is_numeric($batch)) {
            $next->text['batch'] = Amount::plain(round((float) $batch * $factor, 2));
        }

        return $next;
    }

    /** One line's amount so that it weighs as given; what fills up to 100 is left to do so. */
    public function weighed(string $key, float $grams, float $total, ?float $now = null): self
    {
        $next = clone $this;
        $next->lines = DraftLines::weighed(
            $next->lines,
            $key,
            $grams,
            $total,
            (float) str_replace(',', '.', $this->text['scale']) ?: 0.1,
            $now,
        );

        return $next;
    }

    public function packedIn(string $container, int $count): self
    {
        $next = clone $this;
        $next->rest['packaging'] = ['container' => $container, 'count' => $count];

        return $next;
    }

    /** @param  string  $field  audience, use or region */
    public function meantFor(string $field, string $value): self
    {
        $next = clone $this;
        $next->text[$field] = $value;

        return $next;
    }

    /** @param  array<string, mixed>  $process  as the open form has it */
    public function withProcess(array $process): self
    {
        $next = clone $this;
        $next->rest = $process === []
            ? array_diff_key($next->rest, ['process' => true])
            : [
                ...$next->rest,
                'process' => [
                    ...array_intersect_key(
                        is_array($next->rest['process'] ?? null) ? $next->rest['process'] : [],
                        ['heat_to_c' => true, 'gate_c' => true, 'noted' => true],
                    ),
                    ...$process,
                ],
            ];

        return $next;
    }

    /** @return array{string, int} container key and how many; "" and 1 when not said */
    public function packaging(): array
    {
        $packaging = $this->rest['packaging'] ?? null;

        return is_array($packaging)
            ? [(string) ($packaging['container'] ?? ''), (int) ($packaging['count'] ?? 1)]
            : ['', 1];
    }

    /** @param  string  $in  key of the part it goes into; "" the product */
    public function withLine(string $phase, string $in = ''): self
    {
        $next = clone $this;
        if (count($next->lines) < FormulaDocument::MAX_LINES) {
            $next->lines[] = DraftLines::blank($phase, $in);
        }

        return $next->inLanes();
    }

    public function without(string $key): self
    {
        $next = clone $this;
        $next->lines = array_values(array_filter($next->lines, static fn (array $line): bool => $line['key'] !== $key));

        return $next;
    }

    /**
     * @param  array<string, mixed>  $fields  value by path
     * @param  list<string>  $order  paths of lines
     */
    public function withFields(array $fields, array $order): static
    {
        $next = clone $this;
        $next->rest = $next->lines = $next->parts = [];
        foreach ($fields as $field => $value) {
            [$place, $key, $part] = [...explode('/', $field, 3), '', ''];
            if ($place === 'rest') {
                $next->rest[$key] = $value;
            } elseif (! in_array($place, ['line', 'part'], true)) {
                $next->text[$place] = is_string($value) ? $value : '';
            }
        }
        foreach ($order as $path) {
            $what = $fields[$path] ?? null;
            $part = static fn (string $name): string => is_string($fields["$path/$name"] ?? null)
                ? $fields["$path/$name"]
                : '';
            if (is_array($what) && str_starts_with($path, 'part/')) {
                /** @var array<string, mixed> $what */
                $next->parts[] = [
                    'key' => basename($path), 'name' => $part('name'), 'makes' => $part('makes'),
                    'gives' => $part('gives'), 'rest' => $what,
                ];
            } elseif (is_array($what)) {
                /** @var array{ingredient: string, name: string, rest: array<string, mixed>} $what */
                $next->lines[] = [
                    'key' => basename($path), 'ingredient' => $what['ingredient'], 'name' => $what['name'],
                    'amount' => $part('amount'),
                    'phase' => $part('phase'),
                    'prepared' => $part('prepared'),
                    'in' => $part('in'),
                    'rest' => $what['rest'],
                ];
            }
        }

        return $next->inLanes();
    }

    public function fields(): array
    {
        $fields = $this->text;
        foreach ($this->rest as $key => $value) {
            $fields["rest/$key"] = $value;
        }
        foreach ($this->parts as $part) {
            $fields["part/{$part['key']}"] = $part['rest'];
            foreach (['name', 'makes', 'gives'] as $of) {
                $fields["part/{$part['key']}/$of"] = $part[$of];
            }
        }
        foreach ($this->lines as $line) {
            $fields["line/{$line['key']}"] = [
                'ingredient' => $line['ingredient'],
                'name' => DraftLines::isWorded($line) ? '' : $line['name'],
                'rest' => $line['rest'],
            ];
            foreach (['amount', 'phase', 'prepared', 'in'] as $part) {
                $fields["line/{$line['key']}/$part"] = $line[$part];
            }
        }

        return $fields;
    }

    public function order(): array
    {
        return [
            ...array_map(static fn (string $key): string => "part/$key", array_column($this->parts, 'key')),
            ...array_map(static fn (string $key): string => "line/$key", array_column($this->lines, 'key')),
        ];
    }

    public function name(): string
    {
        return $this->text['name'];
    }

    /** One place up or down in its lane; past the lane's end, into the next lane. */
    public function moved(string $key, int $by): self
    {
        $next = clone $this;
        $next->lines = DraftLines::moved($next->lines, $key, $by);

        return $next->inLanes();
    }

    /** @param  list<array{op: string, path: string, value?: mixed}>  $patch on the document of this draft */
    public function patched(array $patch): self
    {
        [$document] = DraftDocument::of($this->text, $this->lines, $this->parts, $this->rest);
        foreach ($this->lines() as $i => $line) {
            $document['lines'][$i]['_key'] = $line['key'];
        }
        foreach ($this->parts as $n => $part) {
            foreach ($this->linesOf($part['key']) as $i => $line) {
                $document['parts'][$n]['lines'][$i]['_key'] = $line['key'];
            }
        }
        $patched = Patch::apply($document, $patch);
        $next = clone $this;
        [$next->parts, $next->lines] = DraftParts::fromDocument($patched['parts'] ?? null);
        foreach (is_array($patched['lines'] ?? null) ? $patched['lines'] : [] as $line) {
            if (is_array($line)) {
                $next->lines[] = DraftLines::fromDocument(
                    $line,
                    is_string($line['amount'] ?? null) ? $line['amount'] : '',
                );
            }
        }
        $next->lines = DraftLines::lastInTheirLane($next->lines, $this->lines);
        if (($patched['ph'] ?? null) !== ($document['ph'] ?? null) && is_numeric($patched['ph'] ?? null)) {
            $next->text['ph'] = Amount::plain((float) $patched['ph']);
        }
        $next->rest = DraftDocument::rest($patched);

        return $next->inLanes();
    }

    /**
     * @return array{array<string, mixed>, array<string, string>} as ilvane.formula/1, and a word key for each field
     *   that
     *   could not be read
     */
    public function document(): array
    {
        return DraftDocument::of($this->text, $this->lines, $this->parts, $this->rest);
    }

    /** @return array{Formula, array<string, string>} as it is written, whatever kitchen it is made in */
    public function formula(): array
    {
        [$document, $problems] = $this->document();

        return [FormulaDocument::read($document), $problems];
    }

    /** As it was typed, rows that were only opened left out: what is left to the kitchen stays open. */
    public function plain(): Formula
    {
        $read = FormulaDocument::read(DraftDocument::of($this->text, $this->lines, $this->parts, $this->rest)[0]);

        return $read->withLines(array_values(array_filter(
            $read->lines,
            static fn (Line $line): bool => ! $line->isBlank(),
        )));
    }

    public function text(string $field): string
    {
        return $this->text[$field] ?? '';
    }

    /** One line's amount, as typed. */
    public function withAmount(string $key, string $amount): self
    {
        $next = clone $this;
        foreach ($next->lines as $i => $line) {
            $next->lines[$i]['amount'] = $line['key'] === $key ? $amount : $line['amount'];
        }

        return $next;
    }

    /** @return list<DraftLine> of the product itself */
    public function lines(): array
    {
        return $this->linesOf('');
    }

    /** @return list<DraftLine> that go into a part */
    public function linesOf(string $part): array
    {
        return DraftParts::linesOf($part, $this->lines);
    }

    /** @return list<DraftLine> of the product and of its parts */
    public function allLines(): array
    {
        return $this->lines;
    }

    /** @return list<DraftPart> what is made first */
    public function parts(): array
    {
        return $this->parts;
    }

    /**
     * @param  list<DraftPart>  $parts
     * @param  list<DraftLine>  $lines  of the product and of its parts
     */
    public function chained(array $parts, array $lines): self
    {
        $next = clone $this;
        [$next->parts, $next->lines] = [$parts, $lines];

        return $next->inLanes();
    }

    public function isFull(): bool
    {
        return count($this->lines) >= FormulaDocument::MAX_LINES;
    }

    /** @return array<string, mixed> */
    public function toStored(): array
    {
        return ['text' => $this->text, 'lines' => $this->lines, 'rest' => $this->rest, 'parts' => $this->parts];
    }
}
