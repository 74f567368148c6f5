<?php

/** Two people at work on the same dog: what one does the other sees, and neither overwrites the other by accident. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

final class SharingTest extends BrowserTestCase
{
    public function testAChangeAppearsOnTheOtherCardWithoutReloadMarkedWithWhoAndWhat(): void
    {
        $idris = $this->another();
        $idris->signIn('idris');
        $this->card($idris, 'wick');
        $this->page->signIn('tove');
        $this->card($this->page, 'wick', 'back');
        $this->page->choose('Blade', '7F');
        $this->leaves($this->page, '3.2 mm');
        $this->page->button('Save')->click();
        $idris->driver->executeScript('window.sameLoad = true');
        $this->sees($this->page, 'back: saved');
        $idris->sees('Tove Lindgarth · back');
        self::assertTrue($idris->driver->executeScript('return window.sameLoad === true'));
        self::assertStringContainsString('3.2', (string) $idris->css('#zone-back')->getAttribute('aria-label'));
        self::assertMatchesRegularExpression(
            '/Tove Lindgarth · back: .+ · \d+ (seconds?|minutes?) ago/u',
            $idris->text(),
        );
    }

    public function testChangesOfDifferentZonesBothStay(): void
    {
        $idris = $this->another();
        $idris->signIn('idris');
        $this->card($idris, 'hobnob', 'belly');
        $this->page->signIn('tove');
        $this->card($this->page, 'hobnob', 'chest');
        $idris->choose('Blade', '7F');
        $this->page->choose('Over base', '30');
        $idris->button('Save')->click();
        $this->page->button('Save')->click();
        $this->sees($idris, 'belly: saved');
        $this->sees($this->page, 'chest: saved');
        foreach ([$idris, $this->page] as $page) {
            $page->until(
                static fn (): ?bool => str_contains(
                    (string) $page->css('#zone-belly')->getAttribute('aria-label'),
                    '3.2',
                )
                    ? true
                    : null,
                'belly is not 3.2 mm',
            );
            $page->tapZone('chest');
            $page->until(
                static fn (): ?bool => '30' === $page->field('Over base')->getAttribute('value') ? true : null,
                'chest is not over a 30',
            );
        }
    }

    public function testChangesOfTheSameZoneShowBothAndTheSecondChooses(): void
    {
        $idris = $this->another();
        $idris->signIn('idris');
        $this->card($idris, 'osric', 'throat');
        $this->page->signIn('tove');
        $this->card($this->page, 'osric', 'throat');
        $idris->choose('Blade', '10');
        $this->page->choose('Blade', '5F');
        $this->page->button('Save')->click();
        $this->sees($this->page, 'throat: saved');
        $this->sees($idris, 'has just changed this zone to');
        $idris->button('Save')->click();
        $idris->css('[data-testid=theirs]');
        self::assertStringContainsString('5F', $idris->css('[data-testid=theirs]')->getText());
        self::assertStringContainsString('10', $idris->css('[data-testid=yours]')->getText());
        self::assertStringContainsString('Tove Lindgarth', $idris->text());
        $idris->button('Use mine')->click();
        $this->sees($idris, 'throat: saved');
        $this->leaves($this->page, '1.5 mm');

        // Once more, and this time the other one's stays.
        $this->page->choose('Blade', '7F');
        $idris->choose('Blade', '4F');
        $idris->button('Save')->click();
        $this->sees($idris, 'throat: saved');
        $this->page->button('Save')->click();
        $this->page->button('Keep theirs')->click();
        $this->page->until(
            fn (): ?bool => '4F' === $this->page->field('Blade')->getAttribute('value') ? true : null,
            'theirs does not stay',
        );
    }

    public function testTwoPeopleChangeTheSameDogAndTheSecondSeesWhatDiffers(): void
    {
        $idris = $this->another();
        $idris->signIn('idris');
        $idris->find('gantry');
        $idris->xpath("//a[contains(., 'Edit dog')]")->click();
        $this->page->signIn('tove');
        $this->card($this->page, 'gantry');
        $this->page->xpath("//a[contains(., 'Edit dog')]")->click();
        $idris->type('May collect', 'Lorcan; a neighbour');
        $this->page->type('May collect', 'only Lorcan');
        $idris->xpath("//button[@type='submit']")->click();
        $this->sees($idris, 'Gantry: saved');
        $this->page->xpath("//button[@type='submit']")->click();
        $this->sees($this->page, 'Changed meanwhile by somebody else');
        $this->page->xpath(
            "//tr[contains(., 'may collect') and contains(., 'Lorcan; a neighbour') and contains(., 'only Lorcan')]",
        );
        $this->page->button('I have seen it: mine stands, save next')->click();
        $this->page->xpath("//button[@type='submit']")->click();
        $this->sees($this->page, 'Gantry: saved');
    }

    public function testWhatIsTypedStaysForWhoTypedItOnASharedTablet(): void
    {
        $page = $this->page;
        $page->signIn('tove');
        $this->card($page, 'gantry');
        $page->xpath("//a[contains(., 'Edit dog')]")->click();
        $page->type('May collect', 'only Lorcan');
        $page->driver->navigate()->refresh();
        $this->sees($page, 'Taken up where it was left');
        self::assertSame('only Lorcan', $this->mayCollect());
        $this->change('Maren Oakhollow', '4826');
        $page->until(
            fn (): ?bool => 'only Lorcan' !== $this->mayCollect() ? true : null,
            'the next person has it before them',
        );
        $page->type('May collect', 'a neighbour');
        $page->driver->navigate()->refresh();
        $this->sees($page, 'Taken up where it was left');
        self::assertSame('a neighbour', $this->mayCollect());
        $this->change('Tove Lindgarth', '8530');
        $page->until(
            fn (): ?bool => 'only Lorcan' === $this->mayCollect() ? true : null,
            'it is not there again for who typed it',
        );
        $page->xpath("//button[@type='submit']")->click();
        $this->sees($page, 'Gantry: saved');
        $page->xpath("//a[contains(., 'Edit dog')]")->click();
        self::assertSame('only Lorcan', $this->mayCollect());
        self::assertStringNotContainsString('Taken up', $page->text());
    }

    /** @phpstan-impure */
    private function mayCollect(): ?string
    {
        $value = $this->page->field('May collect')->getAttribute('value');

        return \is_string($value) ? $value : null;
    }

    /** Somebody else takes the tablet. */
    private function change(string $name, string $pin): void
    {
        $first = explode(' ', $name)[0];
        $this->page->css('header button[aria-haspopup=dialog]')->click();
        $this->page->xpath("//button[contains(., '$name')]")->click();
        $this->page->css('#pin')->sendKeys($pin.WebDriverKeys::ENTER);
        $this->page->xpath("//header//button[contains(., '$first')]");
        $this->page->until(
            fn (): ?bool => [] === $this->page->driver->findElements(WebDriverBy::cssSelector('[role=dialog]'))
                ? true
                : null,
            'the change of person stays open',
        );
    }

    public function testASharedTabletChangesPersonWithAPinAndTheLogKnowsWhoTapped(): void
    {
        $this->page->signIn('tove');
        $this->card($this->page, 'cobnut', 'breeches_left');
        $this->page->css('header button[aria-haspopup=dialog]')->click();
        $this->page->xpath("//button[contains(., 'Maren Oakhollow')]")->click();
        $this->page->css('#pin')->sendKeys('0000'.WebDriverKeys::ENTER);
        $this->sees($this->page, 'not the PIN of');
        $this->page->css('#pin')->sendKeys('4826'.WebDriverKeys::ENTER);
        $this->page->xpath("//header//button[contains(., 'Maren')]");
        $this->page->until(
            fn (): ?bool => [] === $this->page->driver->findElements(WebDriverBy::cssSelector('[role=dialog]'))
                ? true
                : null,
            'the change of person stays open',
        );
        $this->page->type('Left at about (mm)', '27');
        $this->page->button('Save')->click();
        $this->sees($this->page, 'both sides: saved');
        $this->page->go('/log');
        $this->page->xpath(
            "//div[h3[.='Cobnut']]//li[contains(., 'eft breeches') and contains(., 'Maren Oakhollow')]",
        );
        $this->addToAssertionCount(1);
        $this->page->xpath("//li[contains(., 'eft breeches')]//button[contains(., 'Undo')]")->click();
        $this->sees($this->page, 'Taken back');
        $this->page->xpath("//li[contains(., 'eft breeches') and contains(., 'taken back')]");
    }

    public function testAnApprenticeSeesThePlanButCannotChangeIt(): void
    {
        $this->page->signIn('wim');
        $this->card($this->page, 'isolde', 'breeches_left');
        $this->sees($this->page, 'between');
        self::assertStringNotContainsString('Take out of the plan', $this->page->text());
    }
}
