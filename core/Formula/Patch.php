<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

/** Applies RFC 6902 operations add, replace and remove to a decoded document. All or nothing. */
final class Patch
{
    /**
     * @param  array<mixed>  $document
     * @param  list<array{op: string, path: string, value?: mixed}>  $operations
     * @return array<mixed>
     *
     * @throws PatchRefused when a path does not exist or an operation is not known
     */
    public static function apply(array $document, array $operations): array
    {
        foreach ($operations as $operation) {
            $document = self::change(
                $document,
                self::segments($operation['path']),
                $operation['op'],
                $operation['value'] ?? null,
                $operation['path'],
            );
        }

        return $document;
    }

    /** @return non-empty-list<string> */
    private static function segments(string $path): array
    {
        if (! str_starts_with($path, '/')) {
            throw new PatchRefused($path);
        }

        return array_map(
            static fn (string $part): string => strtr($part, ['~1' => '/', '~0' => '~']),
            explode('/', substr($path, 1)),
        );
    }

    /**
     * @param  array<mixed>  $node
     * @param  non-empty-list<string>  $segments
     * @return array<mixed>
     */
    private static function change(array $node, array $segments, string $op, mixed $value, string $path): array
    {
        $key = array_shift($segments);
        if ($segments !== []) {
            if (! isset($node[$key]) || ! is_array($node[$key])) {
                throw new PatchRefused($path);
            }
            $node[$key] = self::change($node[$key], $segments, $op, $value, $path);

            return $node;
        }
        $isList = array_is_list($node) && ($node !== [] || $key === '-' || ctype_digit($key));

        return match ($op) {
            'add' => $isList ? self::insert($node, $key, $value, $path) : [...$node, $key => $value],
            'replace' => array_key_exists($key, $node)
                ? self::replaced($node, $key, $value)
                : throw new PatchRefused($path),
            'remove' => array_key_exists($key, $node)
                ? self::without($node, $key, $isList)
                : throw new PatchRefused($path),
            default => throw new PatchRefused($op),
        };
    }

    /**
     * @param  array<mixed>  $list
     * @return array<mixed>
     */
    private static function insert(array $list, string $key, mixed $value, string $path): array
    {
        $at = $key === '-' ? count($list) : (ctype_digit($key) ? (int) $key : -1);
        if ($at < 0 || $at > count($list)) {
            throw new PatchRefused($path);
        }
        array_splice($list, $at, 0, [$value]);

        return $list;
    }

    /**
     * @param  array<mixed>  $node
     * @return array<mixed>
     */
    private static function replaced(array $node, string $key, mixed $value): array
    {
        $node[$key] = $value;

        return $node;
    }

    /**
     * @param  array<mixed>  $node
     * @return array<mixed>
     */
    private static function without(array $node, string $key, bool $isList): array
    {
        unset($node[$key]);

        return $isList ? array_values($node) : $node;
    }
}
