<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\DemoWorkroom;
use Symfony\Component\Process\Process;
use Tests\Support\BrowserCase;

/**
 * A second device, reached by this machine's address in its network: let in by the code on the screen, and at the same
 * make.
 */
final class PhoneTest extends BrowserCase
{
    public function test_the_code_on_the_laptop_opens_the_step_on_the_phone(): void
    {
        if (self::lan() === null) {
            self::markTestSkipped('THIS MACHINE HAS NO ADDRESS BUT ITS OWN: THE SECOND DEVICE WAS NOT TRIED.');
        }
        self::emptyWorkroom();
        self::seed(DemoWorkroom::class);
        $abroad = 'http://'.self::lan().':'.parse_url(self::$base, PHP_URL_PORT);
        self::$browser->get("$abroad/");
        self::until(
            static fn (): bool => self::$browser->executeScript(
                "return document.readyState === 'complete'",
            ) ?: throw new \RuntimeException('not yet'),
            'the refusal is not shown',
        );
        self::see('answers its own machine only');
        self::$browser->manage()->getLog('browser'); // the refusal is meant

        self::visit('/settings');
        self::type(self::find('input[name=passphrase]'), 'four words do well');
        self::press('Set the passphrase');
        self::visit('/formulas/1');
        self::press('Make it');
        self::press('Done');
        self::see('Distilled or deionised water');
        $make = self::$browser->getCurrentURL();
        self::press('On the phone');
        $shot = tempnam(sys_get_temp_dir(), 'code').'.png';
        self::find('.qr')->takeElementScreenshot($shot);
        self::assertSame([], self::axe());
        $reader = new Process(['zbarimg', '--quiet', '--raw', $shot]);
        $reader->mustRun();
        unlink($shot);
        $link = trim($reader->getOutput());
        self::assertStringStartsWith("$abroad/come-in?", $link);

        self::phone();
        self::$browser->get("$abroad/infusions");
        self::see('wants its passphrase once');
        self::assertSame([], self::axe());
        self::$browser->get($link);
        self::see('stays in until you end it');
        self::press('Come in');
        self::see('Distilled or deionised water');
        self::assertSame(
            parse_url($make, PHP_URL_PATH),
            parse_url((string) self::$browser->getCurrentURL(), PHP_URL_PATH),
            'the same step',
        );
        self::type(self::find('input[name=weight]'), '129.4');
        self::button('Added')->click();
        self::see('Marshmallow');

        self::desk();
        self::$browser->get($make);
        self::assertStringStartsWith(
            '129.4',
            self::find('.hob-table .weighed')->getText(),
            'what the phone told stands here',
        );
        self::visit('/settings');
        self::press('End it');
        self::$browser->get("$abroad/");
        self::see('wants its passphrase once');
    }
}
