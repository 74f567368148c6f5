<?php

/** A spreadsheet comes in, row by row as it is said; what stood on paper reaches a plan; all of it goes out again. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Symfony\Component\Filesystem\Filesystem;

final class InOutTest extends BrowserTestCase
{
    use Axe;

    private const SHEET = "Pet Name;Breed;Owner;Mobile;DOB;Weight;Notes;Room\n".
        "Moss;poodle cross;Nell Sedgeley;0555 014 7700;03/05/2019;12,5;back 16 over 10, legs scissored;a\n".
        "Bramble;cocker spaniel;Nell Sedgeley;0555 014 7700;2021;11;;b\n".
        "Fern;wire terrier;Rafe Moor;0555 014 7701;31/02/2020;9;;c\n".
        "Holt;something;Rafe Moor;0555 014 7701;2018;9;;d\n";

    public function testAMessySheetIsLookedAtTakenInAndReachesAPlan(): void
    {
        $this->page->signIn('maren');
        $this->page->go('/in-and-out');
        $this->give('PK no sheet at all');
        $this->sees($this->page, 'is no table of text');
        $this->give(self::SHEET);
        $this->sees($this->page, '2 have something wrong');
        $this->sees($this->page, 'Row 4, DOB');
        $this->sees($this->page, 'Row 5, coat');
        $this->page->choose('Coat, where neither a column nor the breed tells it', 'wire');
        $this->sees($this->page, '1 have something wrong');
        // A column that is needed is taken away, and given back.
        $this->page->choose('Mobile is', '');
        $this->sees($this->page, 'none is said to be phone');
        $this->page->choose('Mobile is', 'phone');
        $this->sees($this->page, '1 have something wrong');
        $this->page->field('Leave out the 1 rows with faults')->click();
        $this->page->button('Take 3 dogs in')->click();
        $this->sees($this->page, '3 dogs are in the book');
        $this->page->find('Moss');
        $this->page->button('One line')->click();
        $this->sees($this->page, 'From the paper card');
        $this->page->button('Put on the line what is ticked')->click();
        $this->page->button('Keep this plan')->click();
        $this->sees($this->page, 'The plan is what the line says');
        // A plan that was made is no reason to keep a dog that was taken in by mistake.
        $this->page->go('/in-and-out');
        $this->page->xpath("//a[.='Look at sheet.csv']")->click();
        $this->page->button('Take them out again …')->click();
        $this->page->button('Take all of them out')->click();
        $this->sees($this->page, 'taken out of the book again');
    }

    public function testTwoRecordsOfOneDogAreMadeOneAndPartedAndAHomeIsErased(): void
    {
        $this->page->signIn('maren');
        $this->page->go('/in-and-out');
        $this->give(
            "Dog,Breed,Owner,Phone\nTansey,Water dog cross,Aveline Marchpane,0555 014 4471\n".
                "Reed,poodle,Rafe Moor,0555 014 7701\n",
        );
        $this->page->button('Take 2 dogs in')->click();
        $this->sees($this->page, '2 dogs are in the book');
        $this->page->go('/dogs/'.Salon::dog('Tansy').'?tab=dog');
        $this->page->button('They are one dog …')->click();
        $this->page->button('Make them one')->click();
        $this->sees($this->page, 'They are one dog now');
        $this->page->button('They are two dogs after all')->click();
        $this->sees($this->page, 'They are two dogs again');
        // Whoever asks for it is forgotten, the dog is not.
        $this->page->find('Reed');
        $this->page->xpath("//button[.='Dog']")->click();
        $this->page->xpath("//a[contains(., 'The Moor home')]")->click();
        $this->page->button('Erase this home …')->click();
        $this->sees($this->page, 'This goes, for good');
        $this->page->button('Erase it')->click();
        $this->sees($this->page, 'must be');
        $this->page->type('How it was asked for, without a name', 'by letter of 3 May');
        $this->page->button('Erase it')->click();
        $this->sees($this->page, 'This home is erased');
        self::assertStringNotContainsString('Rafe Moor', $this->page->css('main')->getText());
    }

    public function testAHistoryIsAskedForAllowedByItsOwnerLookedAtAndTakenBack(): void
    {
        $this->page->signIn('sunniva');
        $this->page->go('/in-and-out');
        $this->give("Dog,Breed,Owner,Phone\nOsric,Wire terrier,Bertrand Sallow,0555-014-2280\n");
        $this->page->button('Take 1 dog in')->click();
        $this->sees($this->page, '1 dog is in the book');
        $this->page->find('Osric');
        $this->page->xpath("//button[.='Dog']")->click();
        $this->page->button('Ask another salon')->click();
        $this->page->type('Name of the other salon', 'the fulling room');
        $this->page->button('Ask')->click();
        $this->sees($this->page, 'its owner has not answered yet');
        $there = $this->page->driver->getCurrentURL();

        $owner = $this->another();
        $owner->signIn('maren');
        $owner->go('/outbox');
        $link = $owner->xpath("//*[contains(text(), '/history/')]")->getText();
        self::assertSame(1, preg_match('~/history/[0-9a-f]{64}~', $link, $found));
        $owner->go($found[0]);
        $this->sees($owner, 'Tinder Loft asks what we know of Osric');
        $owner->xpath("//label[contains(., 'cautions')]//input")->click();
        self::assertSame([], $this->axe(page: $owner), 'the page its owner answers at');
        $owner->button('Let them see what is ticked')->click();
        $this->sees($owner, 'may see what is ticked, since');

        $this->page->go((string) parse_url($there, \PHP_URL_PATH).'?tab=dog');
        $this->page->xpath("//a[@aria-label='Look at what the fulling room knows']")->click();
        $this->sees($this->page, 'Osric at The Fulling Room');
        $this->page->css('section[aria-label=Visits] summary');
        self::assertSame([], $this->axe(), 'its history elsewhere');
        $cautions = WebDriverBy::cssSelector('section[aria-label=Cautions]');
        self::assertSame([], $this->page->driver->findElements($cautions));

        $owner->button('Take it back: nothing any more')->click();
        $this->sees($owner, 'sees nothing any more');
        $this->page->driver->navigate()->refresh();
        $this->sees($this->page, 'may not be seen, or not any more');
    }

    private function give(string $sheet): void
    {
        $file = sys_get_temp_dir().'/'.bin2hex(random_bytes(6)).'/sheet.csv';
        (new Filesystem())->dumpFile($file, $sheet);
        $this->page->css('section[aria-label="Dogs from a sheet"]');
        $this->page->driver->findElement(WebDriverBy::cssSelector('input[type=file]'))->sendKeys($file);
    }
}
