<?php

declare(strict_types=1);

namespace Tests\Published;

use PHPUnit\Framework\TestCase;
use Tests\Support\ChecksTable;

final class ChecksDocumentTest extends TestCase
{
    public function test_the_document_says_what_the_tests_hold(): void
    {
        self::assertSame(
            (new ChecksTable)->markdown(),
            file_get_contents(dirname(__DIR__, 2).'/docs/checks.md'),
            'run bin/checks',
        );
    }
}
