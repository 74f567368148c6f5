<?php

/**
 * The story a groomer lives: sign in, find a dog, change a zone by pointer and by keyboard, record a visit, read why.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

final class StoryTest extends BrowserTestCase
{
    public function testSigningInWithAWrongPasswordSaysSoAndKeepsTheName(): void
    {
        $this->page->go('/');
        $this->page->css('input[name=login]')->sendKeys('tove');
        $this->page->css('input[name=password]')->sendKeys('not it');
        $this->page->button('Sign in')->click();
        $this->sees($this->page, 'Name or password is wrong.');
        self::assertSame('tove', $this->page->css('input[name=login]')->getAttribute('value'));
        $this->page->type('Password', 'thistle-demo');
        $this->page->keys(WebDriverKeys::ENTER);
        $this->sees($this->page, 'Who works today');
    }

    public function testADogIsFoundByATypoByItsOwnerAndByPhoneDigits(): void
    {
        $this->page->signIn('tove');
        foreach (
            ['tansey' => 'Tansy', 'marchp' => 'Perrin', '2280' => 'Osric', 'sight hou' => 'Isolde'] as $typed => $dog
        ) {
            $this->page->go('/book');
            $this->page->css('#find')->sendKeys($typed);
            $this->page->xpath("//ul[@id='dogs']//a[contains(., '$dog')]");
        }
        $this->page->go('/book');
        $this->page->css('#find')->sendKeys('Nobody at all');
        $this->sees($this->page, 'Nobody called “Nobody at all”');
    }

    public function testAZoneIsChangedByPointerAnswersLiveAndIsTakenBack(): void
    {
        $this->page->signIn('tove');
        $this->card($this->page, 'tansy');
        $this->page->tapZone('back');
        $this->leaves($this->page, '16.6 mm');
        $this->page->choose('Guard', '10');
        $this->leaves($this->page, '11 mm');
        $this->page->css('[aria-label^="Why: what back"]')->click();
        $this->sees($this->page, 'guard');
        $this->page->keys(WebDriverKeys::ESCAPE);
        $this->page->button('Save')->click();
        $this->sees($this->page, 'back: saved');
        $this->page->until(
            fn (): ?bool => str_contains(
                (string) $this->page->css('#zone-back')->getAttribute('aria-label'),
                '11 millimetres',
            )
                ? true
                : null,
            'the dog is not drawn anew',
        );
        $this->page->button('Undo')->click();
        $this->sees($this->page, 'back: taken back');
        $this->leaves($this->page, '16.6 mm');
    }

    public function testAZoneIsChangedWithTheKeyboardAlone(): void
    {
        $this->page->go('/');
        $this->page->css('input[name=login]');
        $this->page->keys('tove', WebDriverKeys::TAB, 'thistle-demo', WebDriverKeys::ENTER);
        $this->sees($this->page, 'Who works today');
        // The slash finds a dog from anywhere.
        $this->page->keys('/');
        $this->page->css('#find');
        $this->page->keys('sorrel');
        $this->page->until(
            fn (): ?bool => str_contains($this->page->css('#dogs li:first-child')->getText(), 'Sorrel') ? true : null,
            'Sorrel is not first',
        );
        $this->page->keys(WebDriverKeys::ENTER);
        $this->tabTo('svg[role=listbox]');
        $this->page->keys(WebDriverKeys::HOME);
        $walked = [];
        foreach (
            [
                WebDriverKeys::ARROW_RIGHT,
                WebDriverKeys::ARROW_RIGHT,
                WebDriverKeys::ARROW_DOWN,
                WebDriverKeys::ARROW_RIGHT,
            ] as $key
        ) {
            $walked[] = $this->active();
            $this->page->keys($key);
        }
        self::assertGreaterThanOrEqual(
            3,
            \count(array_unique($walked)),
            'arrow keys walk from zone to zone: '.implode(', ', $walked),
        );
        // From wherever that was to the skull: up and along until it is reached.
        for ($i = 0; $i < 60 && 'zone-skull' !== $this->active(); ++$i) {
            $this->page->keys(0 !== $i % 3 ? WebDriverKeys::ARROW_UP : WebDriverKeys::ARROW_LEFT);
        }
        self::assertSame('zone-skull', $this->active());
        $this->leaves($this->page, '3.2 mm');
        $this->page->keys(WebDriverKeys::ENTER);
        $this->tabTo('select[id="'.$this->page->field('Blade')->getAttribute('id').'"]');
        $this->page->keys('10');
        $this->leaves($this->page, '1.5 mm');
        $this->page->keys(WebDriverKeys::ENTER);
        $this->tabTo('button[type=submit]');
        $this->page->keys(WebDriverKeys::ENTER);
        $this->sees($this->page, 'skull: saved');
    }

    public function testTheKitSwitchAnswersTheWholeCardAnew(): void
    {
        $this->page->signIn('tove');
        $this->card($this->page, 'sorrel');
        $this->sees($this->page, 'can be made from this kit');
        $this->page->button('Van')->click();
        $this->sees($this->page, 'differ with this kit');
        $this->page->tapZone('back');
        $this->sees($this->page, 'Not in this kit.');
        $this->page->button('Mill room')->click();
        $this->sees($this->page, 'can be made from this kit');
    }

    public function testAVisitIsRecordedAndTheNextDateFollowsWithItsReasons(): void
    {
        $this->page->signIn('tove');
        $this->card($this->page, 'wick');
        $this->page->button('When back')->click();
        $before = $this->page->xpath("//h2[starts-with(., 'Back in')]/following-sibling::p[1]")->getText();
        $this->page->xpath("//a[contains(., 'Record visit')]")->click();
        $this->sees($this->page, 'Everything as planned');
        $this->page->type('Minutes', '75');
        $this->page->type('Matting score on arrival (0–100)', '4,5');
        $this->page->tapZone('belly');
        $deferred = $this->page->xpath("//div[@aria-label='State of belly']//button[.='deferred']");
        $this->page->driver->executeScript('arguments[0].scrollIntoView({block: "center"})', [$deferred]);
        $deferred->click();
        $this->sees($this->page, '1 of');
        $this->page->type('Why', 'tired, so left for next time');
        $this->page->type('Note for the next person', 'Pads first <b>always</b> 🐾');
        $this->page->button('Record visit')->click();
        $this->sees($this->page, 'Wick: visit recorded');
        $this->page->button('When back')->click();
        $this->page->until(
            fn (): ?bool => $before !==
            $this->page->xpath("//h2[starts-with(., 'Back in')]/following-sibling::p[1]")->getText()
                ? true
                : null,
            'the next date does not move',
        );
        $this->sees($this->page, 'decides');
        $this->page->css('[aria-label="Why: the recommended interval"]')->click();
        $this->sees($this->page, 'weeks');
        $this->page->keys(WebDriverKeys::ESCAPE);
        $this->page->button('Visits')->click();
        $this->sees($this->page, 'Pads first <b>always</b> 🐾');
        $this->sees($this->page, 'tired, so left for next time');
    }

    public function testAReasonOpensTheVisitItCameFrom(): void
    {
        $this->page->signIn('tove');
        $this->card($this->page, 'tansy');
        $this->page->css('[aria-label="Why: how fast this coat grows"]')->click();
        $this->page->xpath("//button[.='see that visit']")->click();
        $this->page->css('details[data-visit][open]');
        self::assertSame('active', $this->page->button('Visits')->getAttribute('data-state'));
    }

    public function testTheOwnersWishSaysWhatItBreaks(): void
    {
        $this->page->signIn('junia');
        $this->card($this->page, 'tansy');
        $this->page->type('Weeks the owner would like', '14');
        $this->sees($this->page, 'Breaks:');
        $this->page->type('Weeks the owner would like', '2');
        $this->sees($this->page, 'Every clock is kept.');
        self::assertSame(
            [],
            $this->page->driver->findElements(WebDriverBy::linkText('Record visit')),
            'the front desk records no visit',
        );
    }

    public function testANextDateIsBookedAndCancelled(): void
    {
        $this->page->signIn('junia');
        $this->card($this->page, 'cobnut');
        $this->page->type('Time', '9.15');
        $this->page->xpath("//button[starts-with(., 'Book ')]")->click();
        $this->sees($this->page, 'Booked: ');
        $this->page->button('Undo')->click();
        $this->sees($this->page, 'Cancelled');
    }

    public function testADogIsTakenIntoTheBookAndFoundAtOnce(): void
    {
        $this->page->signIn('junia');
        $this->page->go('/book');
        $this->page->xpath("//button[contains(., 'New dog')]")->click();
        $this->page->type('Name', 'Brindlewick <b>');
        $this->page->type('Breed or cross', 'Long-legged cross');
        $this->page->type('Weight (kg)', '9000');
        $this->page->type('Born on', '1900-01-01');
        $this->page->type('Name of the owner', 'Sabine Oatwell');
        $this->page->xpath("//button[@type='submit']")->click();
        $this->sees($this->page, '3 fields need another look.');
        $this->sees($this->page, 'Weight (kg) must be');
        $this->sees($this->page, 'Born on must be');
        self::assertSame('Brindlewick <b>', $this->page->field('Name')->getAttribute('value'), 'nothing typed is lost');
        $this->page->type('Weight (kg)', '9,0');
        $this->page->type('Born on', '2023-04-02');
        $this->page->type('Phone', '0555 014 0007');
        $this->page->xpath("//button[@type='submit']")->click();
        $this->sees($this->page, 'Brindlewick <b>: saved');
        $this->page->xpath("//h1[.='Brindlewick <b>']");
        $this->page->go('/book');
        $this->page->css('#find')->sendKeys('brindelwick');
        $this->page->xpath("//ul[@id='dogs']//a[contains(., 'Brindlewick <b>') and contains(., 'Sabine Oatwell')]");
    }

    public function testAHomeIsChangedOnceAndADogMovesWithItsHistory(): void
    {
        $this->page->signIn('junia');
        $this->card($this->page, 'tansy');
        $this->page->button('Dog')->click();
        $this->page->xpath("//a[starts-with(@href, '/homes/')]")->click();
        $this->page->button('Change this home')->click();
        $this->page->type('Called', 'Moor');
        $this->page->button('Another person')->click();
        $this->page->xpath("//fieldset[legend='Person 3']//input[@id=//label[.='Name']/@for]")->sendKeys('Rafe Moor');
        $this->page->button('Keep')->click();
        $this->sees($this->page, 'Moor: changed');
        $this->page->xpath("//h1[.='Moor']");
        $this->sees($this->page, 'Rafe Moor');
        $this->page->button('Tansy has another home')->click();
        $this->page->type('Name of the owner', 'Nell Weir');
        $this->page->type('Phone', '0555 014 0009');
        $this->page->button('Move to a new home')->click();
        $this->page->xpath("//h1[.='Weir']");
        $this->page->xpath("//main//a[.='Tansy']")->click();
        $this->page->button('Visits')->click();
        $this->page->xpath("//*[@role='tabpanel'][@data-state='active']//summary");
    }

    public function testACardPrintsOnOnePage(): void
    {
        $this->page->signIn('tove');
        foreach (['tansy', 'perrin', 'marl'] as $dog) {
            $this->card($this->page, $dog);
            $this->page->keys('p');
            $this->page->button('Print');
            $pdf = $this->page->tools('Page.printToPDF', ['printBackground' => true, 'preferCSSPageSize' => true]);
            $data = \is_array($pdf) ? ($pdf['data'] ?? '') : '';
            $text = base64_decode(\is_string($data) ? $data : '', true);
            self::assertSame(1, preg_match_all('~/Type\s*/Page\b~', (string) $text), $dog);
        }
    }

    private function active(): string
    {
        return (string) $this->page->css('svg[role=listbox]')->getAttribute('aria-activedescendant');
    }
}
