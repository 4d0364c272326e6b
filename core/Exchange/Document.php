<?php

declare(strict_types=1);

namespace Ilvane\Core\Exchange;

use BackedEnum;
use DateTimeImmutable;

/** A decoded JSON object read field by field, remembering its path, refusing what it does not know. */
final readonly class Document
{
    /** @param  array<mixed>  $fields */
    private function __construct(private array $fields, public string $path)
    {
    }

    /**
     * @param  list<string>  $known
     *
     * @throws DocumentRefused
     */
    public static function open(mixed $value, string $path, array $known): self
    {
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            throw new DocumentRefused($path, 'not_an_object');
        }
        foreach (array_keys($value) as $key) {
            if (! in_array((string) $key, $known, true)) {
                throw new DocumentRefused(
                    $path.'/'.strtr((string) $key, ['~' => '~0', '/' => '~1']),
                    'unknown_key',
                    ['key' => mb_substr((string) $key, 0, 60)],
                );
            }
        }

        return new self($value, $path);
    }

    public function has(string $key): bool
    {
        return array_key_exists($key, $this->fields) && $this->fields[$key] !== null;
    }

    public function raw(string $key): mixed
    {
        return $this->fields[$key] ?? null;
    }

    /** @throws DocumentRefused */
    public function text(string $key, int $longest, bool $required = false): ?string
    {
        $value = $this->present($key, $required);
        if ($value === null) {
            return null;
        }
        if (! is_string($value)) {
            throw $this->refused($key, 'not_text');
        }
        if (! mb_check_encoding($value, 'UTF-8') || preg_match('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', $value) === 1) {
            throw $this->refused($key, 'control_characters');
        }
        if (mb_strlen($value) > $longest) {
            throw $this->refused($key, 'too_long', ['most' => $longest]);
        }

        return $value;
    }

    /** @throws DocumentRefused */
    public function number(string $key, float $least, float $most): ?float
    {
        $value = $this->present($key, false);
        if ($value === null) {
            return null;
        }
        if (! is_int($value) && ! is_float($value)) {
            throw $this->refused($key, 'not_a_number');
        }
        if (! is_finite((float) $value) || $value < $least || $value > $most) {
            throw $this->refused($key, 'out_of_range', ['least' => $least, 'most' => $most]);
        }

        return (float) $value;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T|null
     *
     * @throws DocumentRefused
     */
    public function oneOf(string $key, string $enum, bool $required = false): ?BackedEnum
    {
        $value = $this->present($key, $required);
        if ($value === null) {
            return null;
        }
        $case = is_string($value) ? $enum::tryFrom($value) : null;

        return $case ?? throw $this->refused($key, 'not_one_of', [
            'choices' => implode(
                ', ',
                array_map(static fn (BackedEnum $case): string => (string) $case->value, $enum::cases()),
            ),
        ]);
    }

    /** @throws DocumentRefused */
    public function date(string $key): ?DateTimeImmutable
    {
        $value = $this->text($key, 10);
        if ($value === null) {
            return null;
        }
        $date = DateTimeImmutable::createFromFormat('!Y-m-d', $value);
        if ($date === false || $date->format('Y-m-d') !== $value) {
            throw $this->refused($key, 'not_a_date');
        }

        return $date;
    }

    /**
     * @param  list<string>  $known
     *
     * @throws DocumentRefused
     */
    public function object(string $key, array $known): ?self
    {
        return $this->has($key) ? self::open($this->fields[$key], $this->at($key), $known) : null;
    }

    /**
     * @return list<mixed>
     *
     * @throws DocumentRefused
     */
    public function list(string $key, int $longest, bool $required = false): array
    {
        $value = $this->present($key, $required) ?? [];
        if (! is_array($value) || ! array_is_list($value)) {
            throw $this->refused($key, 'not_a_list');
        }
        if (count($value) > $longest) {
            throw $this->refused($key, 'too_many', ['most' => $longest, 'given' => count($value)]);
        }

        return $value;
    }

    public function at(string $key): string
    {
        return $this->path.'/'.$key;
    }

    /** @param  array<string, scalar>  $parameters */
    public function refused(string $key, string $reason, array $parameters = []): DocumentRefused
    {
        return new DocumentRefused($this->at($key), $reason, $parameters);
    }

    private function present(string $key, bool $required): mixed
    {
        $value = $this->fields[$key] ?? null;
        if ($value === null && ($required || array_key_exists($key, $this->fields))) {
            throw $this->refused($key, $required && ! array_key_exists($key, $this->fields) ? 'missing' : 'null');
        }

        return $value;
    }
}
