<?php

declare(strict_types=1);

namespace App\Backups;

use RuntimeException;

/** A file that can't be taken in: which, where in it, and why (backups.refused). */
final class RecordRefused extends RuntimeException
{
    /** @param  array<string, string>  $parameters */
    private function __construct(
        public readonly string $source,
        public readonly string $path,
        public readonly string $reason,
        public readonly array $parameters = [],
    ) {
        parent::__construct("$source$path: $reason");
    }

    public static function altered(string $source, string $path, string $what): self
    {
        return new self($source, $path, 'altered', ['what' => $what]);
    }

    public static function busy(string $source, string $path): self
    {
        return new self($source, $path, 'busy');
    }

    public static function cantWrite(string $source, string $path): self
    {
        return new self($source, $path, 'cant_write');
    }

    public static function document(string $source, string $path, string $why): self
    {
        return new self($source, $path, 'document', ['why' => $why]);
    }

    public static function hollow(string $source, string $path, string $what): self
    {
        return new self($source, $path, 'hollow', ['what' => $what]);
    }

    public static function incomplete(string $source, string $path, string $told, string $found): self
    {
        return new self($source, $path, 'incomplete', ['told' => $told, 'found' => $found]);
    }

    public static function missing(string $source, string $path): self
    {
        return new self($source, $path, 'missing');
    }

    public static function newer(string $source, string $path): self
    {
        return new self($source, $path, 'newer');
    }

    public static function noCopy(string $source, string $path): self
    {
        return new self($source, $path, 'no_copy');
    }

    public static function noFile(string $source, string $path): self
    {
        return new self($source, $path, 'no_file');
    }

    public static function noList(string $source, string $path): self
    {
        return new self($source, $path, 'no_list');
    }

    public static function noName(string $source, string $path): self
    {
        return new self($source, $path, 'no_name');
    }

    public static function noObject(string $source, string $path): self
    {
        return new self($source, $path, 'no_object');
    }

    public static function noPacket(string $source, string $path): self
    {
        return new self($source, $path, 'no_packet');
    }

    public static function noPage(string $source, string $path, string $page): self
    {
        return new self($source, $path, 'no_page', ['page' => $page]);
    }

    public static function noSuchEntry(string $source, string $path): self
    {
        return new self($source, $path, 'no_such_entry');
    }

    public static function notEmpty(string $source, string $path): self
    {
        return new self($source, $path, 'not_empty');
    }

    public static function notJson(string $source, string $path): self
    {
        return new self($source, $path, 'not_json');
    }

    public static function notWithIt(string $source, string $path): self
    {
        return new self($source, $path, 'not_with_it');
    }

    public static function otherFormat(string $source, string $path, string $format): self
    {
        return new self($source, $path, 'other_format', ['format' => $format]);
    }

    public static function rule(string $source, string $path, string $rule): self
    {
        return new self($source, $path, 'rule', ['rule' => $rule]);
    }

    public static function thereAlready(string $source, string $path): self
    {
        return new self($source, $path, 'there_already');
    }

    public static function tooLarge(string $source, string $path): self
    {
        return new self($source, $path, 'too_large');
    }

    public static function torn(string $source, string $path): self
    {
        return new self($source, $path, 'torn');
    }

    public static function unknownFile(string $source, string $path): self
    {
        return new self($source, $path, 'unknown_file');
    }

    public static function unknownKey(string $source, string $path): self
    {
        return new self($source, $path, 'unknown_key');
    }

    public static function wrongType(string $source, string $path, string $type): self
    {
        return new self($source, $path, 'wrong_type', ['type' => $type]);
    }

    /** A file that is no copy of a workroom, or is one no more. */
    public static function noBackup(string $source, bool $isWhole): self
    {
        return new self($source, '', $isWhole ? 'no_copy' : 'damaged');
    }

    public function said(): string
    {
        return trim("$this->source $this->path").': '.say("backups.refused.$this->reason", $this->parameters);
    }
}
