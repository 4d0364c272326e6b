<?php

declare(strict_types=1);

namespace Tests\Core\Formula;

use Ilvane\Core\Formula\Patch;
use Ilvane\Core\Formula\PatchRefused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Cases after RFC 6902, appendix A. */
final class PatchTest extends TestCase
{
    /**
     * @param  array<mixed>  $before
     * @param  array<mixed>  $after
     */
    #[DataProvider('operations')]
    public function test_it_follows_the_standard(array $before, array $operation, array $after): void
    {
        self::assertEquals($after, Patch::apply($before, [$operation]));
    }

    public static function operations(): iterable
    {
        yield 'A.1 add a member' => [
            ['foo' => 'bar'],
            ['op' => 'add', 'path' => '/baz', 'value' => 'qux'],
            ['foo' => 'bar', 'baz' => 'qux'],
        ];
        yield 'A.2 add an element' => [
            ['foo' => ['bar', 'baz']],
            ['op' => 'add', 'path' => '/foo/1', 'value' => 'qux'],
            ['foo' => ['bar', 'qux', 'baz']],
        ];
        yield 'A.3 remove a member' => [
            ['baz' => 'qux', 'foo' => 'bar'],
            ['op' => 'remove', 'path' => '/baz'],
            ['foo' => 'bar'],
        ];
        yield 'A.4 remove an element' => [
            ['foo' => ['bar', 'qux', 'baz']],
            ['op' => 'remove', 'path' => '/foo/1'],
            ['foo' => ['bar', 'baz']],
        ];
        yield 'A.5 replace' => [
            ['baz' => 'qux', 'foo' => 'bar'],
            ['op' => 'replace', 'path' => '/baz', 'value' => 'boo'],
            ['baz' => 'boo', 'foo' => 'bar'],
        ];
        yield 'A.10 add a nested member' => [
            ['foo' => 'bar'],
            ['op' => 'add', 'path' => '/child', 'value' => ['g' => []]],
            ['foo' => 'bar', 'child' => ['g' => []]],
        ];
        yield 'A.14 escapes' => [
            ['/' => 9, '~1' => 10],
            ['op' => 'replace', 'path' => '/~01', 'value' => 11],
            ['/' => 9, '~1' => 11],
        ];
        yield 'A.16 add to the end' => [
            ['foo' => ['bar']],
            ['op' => 'add', 'path' => '/foo/-', 'value' => ['abc']],
            ['foo' => ['bar', ['abc']]],
        ];
    }

    #[DataProvider('misfits')]
    public function test_a_patch_that_does_not_fit_is_refused(array $operation): void
    {
        $this->expectException(PatchRefused::class);
        Patch::apply(['lines' => [['amount' => '1 g']]], [$operation]);
    }

    public static function misfits(): iterable
    {
        yield 'A.12 no such parent' => [['op' => 'add', 'path' => '/baz/bat', 'value' => 1]];
        yield 'past the end' => [['op' => 'add', 'path' => '/lines/5', 'value' => 1]];
        yield 'replace nothing' => [['op' => 'replace', 'path' => '/lines/3', 'value' => 1]];
        yield 'remove nothing' => [['op' => 'remove', 'path' => '/nope']];
        yield 'no pointer' => [['op' => 'remove', 'path' => 'lines']];
        yield 'unknown operation' => [['op' => 'shuffle', 'path' => '/lines']];
    }
}
