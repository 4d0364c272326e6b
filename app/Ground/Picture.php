<?php

declare(strict_types=1);

namespace App\Ground;

use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

/** A picture as it was sent: known by its bytes, whatever the file was called. */
final readonly class Picture
{
    public const TYPES = [IMAGETYPE_JPEG => 'image/jpeg', IMAGETYPE_PNG => 'image/png', IMAGETYPE_WEBP => 'image/webp'];

    public const LARGEST_BYTES = 6_000_000;

    private function __construct(public string $bytes, public string $type)
    {
    }

    /** Whether a file says that it is one. */
    public static function isMeant(UploadedFile $file): bool
    {
        return str_starts_with((string) $file->getMimeType(), 'image/')
            || preg_match('/^(?:jpe?g|png|webp|heic|heif|gif|bmp|tiff?)$/i', $file->getClientOriginalExtension()) === 1;
    }

    /** @throws Refused where it is too large, or no JPEG, PNG or WebP */
    public static function of(UploadedFile $file, string $field): self
    {
        if (! $file->isValid() || $file->getSize() > self::LARGEST_BYTES) {
            throw Refused::pictureLarge($field);
        }

        return self::read((string) $file->getContent(), $field);
    }

    /** @throws Refused */
    public static function read(string $bytes, string $field): self
    {
        if (strlen($bytes) > self::LARGEST_BYTES) {
            throw Refused::pictureLarge($field);
        }
        $size = @getimagesizefromstring($bytes);
        $type = $size === false ? null : self::TYPES[$size[2]] ?? null;

        return $type === null ? throw Refused::noPicture($field) : new self($bytes, $type);
    }

    public static function answer(string $bytes, string $type): Response
    {
        return new Response($bytes, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => 'inline',
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }
}
