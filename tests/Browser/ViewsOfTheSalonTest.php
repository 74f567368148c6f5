<?php

/** The views of the salon and of the table hold in light, dark, on a phone and at 200 % text. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Symfony\Component\Process\Process;

final class ViewsOfTheSalonTest extends ViewsCase
{
    public static function views(): iterable
    {
        yield 'floor' => ['/floor', 'Who works today'];
        yield 'floor, walk-in' => ['/floor#Walk-in', 'It is not in the book yet'];
        yield 'till' => ['/till', 'Should be in it now'];
        yield 'till, a bill' => ['/till#Sell something', 'A second way'];
        yield 'book' => ['/book', 'All dogs by name'];
        yield 'search' => ['/book?typed=mar', 'found'];
        yield 'day list' => ['/day', 'The Fulling Room ·'];
        yield 'kit' => ['/kit', 'Mill room'];
        yield 'kit, a tool' => ['/kit#10 blade', 'Its log'];
        yield 'kit, measuring' => ['/kit#16 mm guard#Measure', 'Read the calliper'];
        yield 'kit, who needs it' => ['/kit#quiet cordless#Needed by', 'cards name it'];
        yield 'kit, place' => ['/kit#10 blade#Place', 'Retire or replace'];
        yield 'wash' => ['/wash', 'How we wash and dry'];
        yield 'wash, labels' => ['/wash#Print labels', 'Discard by'];
        yield 'then and now' => ['tansy/then', 'What differs'];
        yield 'the year ahead' => ['osric/year', 'Hold visits ahead'];
        yield 'then and now, photos' => ['hobnob/then', 'What differs'];
        yield 'patterns' => ['/patterns', 'Which dog'];
        yield 'patterns, changed' => ['/patterns#Weir rounds#Change', 'No card changes'];
        yield 'patterns, followers' => ['/patterns#Weir rounds#Who follows', 'has an older version'];
        yield 'table, one line' => ['osric/table#Go on#One line', 'the dog follows'];
        yield 'house style' => ['/house', 'Our way of doing it'];
        yield 'before the first cut' => ['dimity/table', 'Before the first cut'];
        yield 'table' => ['osric/table#Go on', 'Done when'];
        yield 'table, below' => ['osric/table#Go on#Below', 'Done when'];
        yield 'table, rear' => ['osric/table#Go on#Rear', 'Around the ring'];
        yield 'table, claws' => ['osric/table#Go on#Nails, ears', 'Nails and pads'];
        yield 'table, steps' => ['osric/table#Go on#Steps', 'hands over to'];
        yield 'table, notes' => ['osric/table#Go on#Notes (1)', 'Notes for the next person'];
        yield 'finish' => ['osric/table#Go on#>Finish', 'From all sides'];
        yield 'outbox' => ['/outbox', 'stand-in'];
        yield 'incidents' => ['/log?of=incidents', 'By tool'];
        yield 'log' => ['/log', 'recorded'];
        yield 'people' => ['/people', 'What each role may'];
        yield 'people, invite' => ['/people#Invite somebody', 'you hand the link over yourself'];
        yield 'people, change' => ['/people#Change Wim Tarrow', 'Works here'];
        yield 'people, a place' => ['/people#Change Ferry room', 'It is'];
        yield 'a home' => ['tansy?tab=dog#>The Marchpane home', 'What went to them'];
        yield 'a home, changed' => ['tansy?tab=dog#>The Marchpane home#Change this home', 'First to be reached'];
        yield 'a home, left' => ['tansy?tab=dog#>The Marchpane home#Tansy has another home', 'go along'];
        yield 'a home, erased' => ['tansy?tab=dog#>The Marchpane home#Erase this home …', 'This goes, for good'];
        yield 'care of the house' => ['/upkeep', 'Clock of the house'];
        yield 'on this device' => ['/kept', 'For days without a signal'];
        yield 'diary' => ['/diary?on='.date('Y-m-d', (int) strtotime('+1 day')), 'Mill room'];
        $far = '/round?on='.date('Y-m-d', (int) strtotime('+300 days'));
        yield 'round' => [$far, 'Nobody is booked with the van'];
        yield 'round, roads' => ["$far#Roads", 'as far as anybody has said'];
        yield 'round, the van' => ["$far#The van", 'May come early by'];
        yield 'prices' => ['/prices', 'these hold now'];
        yield 'prices, new' => ['/prices#New prices from a day', 'booked visits'];
        yield 'in and out' => ['/in-and-out', 'Calendars to subscribe to'];
        yield 'programmes' => ['/programmes', 'No programme is let in'];
        yield 'a programme, let in' => ['/programmes#Let one in', 'What it is for'];
        yield 'the reference' => ['/reference', 'OpenAPI 3'];
        yield 'own password and PIN' => ['/me', 'Change the PIN'];
        yield 'kit, ticking' => ['/kit?tick=1', 'In the hand'];
    }

    public function testWhatAOneTimeLinkOpensHolds(): void
    {
        $begin = new Process(['php', 'bin/console', 'thistle:begin'], \dirname(__DIR__, 2));
        $this->page->go(trim($begin->mustRun()->getOutput()));
        foreach (['Name of the salon', 'First place', 'Sign-in name'] as $label) {
            $this->page->field($label);
            self::assertSame([], $this->axe(), $label);
            $this->page->driver->executeScript('document.documentElement.dataset.theme = "dark"');
            self::assertSame([], $this->axe(['color-contrast']), "$label, dark");
            $this->page->driver->executeScript('document.documentElement.dataset.theme = "light"');
            $this->page->size(390, 844, true);
            self::assertLessThanOrEqual(390, $this->width(), 'wider than a phone');
            $this->page->size(1280, 800);
            $this->page->css('form button[type=submit]')->click();
        }
    }

    public function testASheetThatWasGivenHolds(): void
    {
        if (!self::$signedIn) {
            $this->page->signIn('maren');
            self::$signedIn = true;
        }
        $this->page->go('/in-and-out');
        $this->page->css('section[aria-label="Dogs from a sheet"]');
        $file = sys_get_temp_dir().'/'.bin2hex(random_bytes(6)).'.csv';
        $moss = 'Moss;poodle;Nell Sedgeley;0555 014 7700;back 7F';
        file_put_contents($file, "Dog;Breed;Owner;Phone;Notes\n$moss\nFern;;;;\n");
        $this->page->driver->findElement(WebDriverBy::cssSelector('input[type=file]'))->sendKeys($file);
        $this->page->sees('1 have something wrong');
        unlink($file);
        self::assertSame([], $this->axe(), 'light');
        $this->page->driver->executeScript('document.documentElement.dataset.theme = "dark"');
        self::assertSame([], $this->axe(['color-contrast']), 'dark');
        $this->page->driver->executeScript('document.documentElement.dataset.theme = "light"');
        $this->page->size(390, 844, true);
        self::assertSame([], $this->axe(), 'phone');
        self::assertLessThanOrEqual(390, $this->width(), 'wider than a phone');
        $this->page->size(1280, 800);
    }
}
