<?php

/** One chain on the screens: what arrival finds and the owner agrees is what the table does and the card keeps. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

final class ChainTest extends TableCase
{
    private function tab(string $name): void
    {
        $this->page->xpath("//button[@role='tab'][.='$name']")->click();
    }

    private function arrival(string $dog): void
    {
        $this->card($this->page, $dog);
        $this->page->xpath("//main//a[contains(., 'Arrival')]")->click();
        $this->page->css('[data-testid=load]');
        $this->page->css('svg[role=listbox]');
    }

    /** What a screen reader says of a zone. */
    private function says(string $zone, string $words): void
    {
        $this->page->until(
            fn (): ?bool => str_contains((string) $this->page->css("#zone-$zone")->getAttribute('aria-label'), $words)
                ? true
                : null,
            "$zone does not say $words",
        );
        $this->addToAssertionCount(1);
    }

    private function allAsOnTheList(): void
    {
        for (
            $i = 0;
            $i < 50 && [] === $this->page->driver->findElements(WebDriverBy::xpath("//p[.='Every step is done.']"));
            ++$i
        ) {
            $now = $this->page->css('section[aria-label=Now]')->getText();
            $this->page->css('[data-testid=done]')->click();
            $this->page->until(
                fn (): ?bool => $now === $this->page->css('section[aria-label=Now]')->getText() ? null : true,
                'the next step does not come',
            );
            $this->settle();
        }
        $this->page->until(
            fn (): ?bool => '' === $this->page->css('[data-testid=kept]')->getText() ? true : null,
            'the taps are not sent',
        );
    }

    public function testTheFeltedDogIsClippedAsItWasSignedAndKeepsItsStyle(): void
    {
        $this->page->signIn('tove');
        $this->arrival('tatter');
        $this->tab('Today');
        $this->sees($this->page, 'One even length of 3.2 mm, as the owner agreed');
        $this->sees($this->page, 'Only today: next time as on the card');
        $this->page->xpath("//a[.='To the table']")->click();
        $this->page->button('Begin')->click();
        $this->page->css('[data-testid=now-tool]');
        $agreed = $this->page->css('[aria-label="Agreed for today"]')->getText();
        self::assertStringContainsString('One even length, 3.2 mm', $agreed);
        self::assertStringContainsString('agreed by Severin Holloway', $agreed);
        $this->says('back', '3.2 millimetres');
        $this->says('back', 'matted, 3 of 4');
        $this->page->button('Steps')->click();
        $steps = $this->page->css('[aria-label=Steps]')->getText();
        self::assertStringContainsString('mats clipped', $steps);
        self::assertStringNotContainsString('comb out to the skin', $steps, 'nobody combs what comes off');
        self::assertLessThan(
            (int) strpos($steps, 'bath'),
            (int) strrpos($steps, 'mats clipped'),
            'felt is never washed first',
        );
        $this->page->button('Side')->click();
        $this->allAsOnTheList();
        $this->page->xpath("//a[.='Finish']")->click();
        $this->sees($this->page, 'Done as agreed?');
        $this->page->xpath("//section[@aria-label='As agreed']//button[starts-with(., 'Yes, all')]")->click();
        $this->page->until(
            fn (): ?bool => str_contains($this->page->text(), 'no answer yet') ? null : true,
            'places stay without an answer',
        );
        $this->sees($this->page, 'Shorter than the style, for now');
        $this->sees($this->page, 'What this visit sets back');
        $this->page->button('Close the visit')->click();
        $this->sees($this->page, 'Closed by Tove Lindgarth');
        $this->card($this->page, 'tatter', 'back');
        $this->leaves($this->page, '16.6 mm');
        $this->tab('When back');
        $this->sees($this->page, 'Shorter than the style, for now');
        $this->sees($this->page, 'grown out by');
    }

    public function testGuardsWaitForADogThatIsNotBlownDry(): void
    {
        $this->page->signIn('tove');
        $this->begin('whist');
        $this->sees($this->page, 'feel armpits, groin and behind the ears');
        $this->page->button('Still damp')->click();
        $this->sees($this->page, 'Guards wait until it is bone dry');
        $this->says('back', 'waits until it is bone dry');
        $this->says('belly', '3.2 millimetres');
        $this->page->button('Bone dry now')->click();
        $this->page->until(
            fn (): ?bool => str_contains((string) $this->page->css('#zone-back')->getAttribute('aria-label'), 'waits')
                ? null
                : true,
            'the back still waits',
        );
    }

    public function testADogThatIsAfraidOfTheDryerIsForAConfidentGroomerWithHelp(): void
    {
        $this->page->signIn('tove');
        $this->arrival('whist');
        $this->tab('Handling');
        $this->sees($this->page, 'Who can take Whist');
        $this->sees($this->page, 'tolerates 1 of 5');
        $help = $this->page->xpath("//section[h2[contains(., 'Who can take')]]")->getText();
        self::assertStringContainsString('Tove Lindgarth (you)', $help);
        self::assertStringNotContainsString('Junia Cray', $help, 'the desk is never offered a groom');
    }

    public function testAStripInTwoGoesHasItsNextDate(): void
    {
        $this->page->signIn('tove');
        $this->begin('burr');
        $this->page->tapZone('back');
        $this->page->css('[data-testid=done]')->click();
        $this->says('back', 'done');
        $this->page->tapZone('shoulder_left');
        $this->page->button('Later')->click();
        $this->page->button('too tired today')->click();
        $this->says('shoulder_left', 'deferred');
        $this->page->button('Stripped')->click();
        $this->page->xpath("//a[.='Finish']")->click();
        $this->page->css('section[aria-label=Clocks]');
        $this->page->button('Close the visit')->click();
        $this->sees($this->page, 'Closed by Tove Lindgarth');
        $this->card($this->page, 'burr');
        $this->tab('When back');
        $this->sees($this->page, 'stripping');
        $this->sees($this->page, 'Next:');
    }

    public function testATidySetsBackOnlyWhatItDid(): void
    {
        $this->page->signIn('tove');
        $this->arrival('skein');
        $this->page->choose('Came for', 'tidy');
        $this->tab('Agree');
        $this->sees($this->page, 'Tidy as planned');
        $this->page->xpath("//a[.='To the table']")->click();
        $this->page->button('Begin')->click();
        $this->page->css('[data-testid=now-tool]');
        $this->page->button('Steps')->click();
        $steps = $this->page->css('[aria-label=Steps]')->getText();
        self::assertStringNotContainsString('bath', $steps);
        self::assertStringNotContainsString('dryer', $steps);
        $this->allAsOnTheList();
        $this->page->xpath("//a[.='Finish']")->click();
        $clocks = $this->page->css('section[aria-label=Clocks]')->getText();
        self::assertStringContainsString('bath not what this visit is for', $clocks);
        self::assertStringContainsString('pads done today', $clocks);
        $this->page->button('Close the visit')->click();
        $this->sees($this->page, 'Closed by Tove Lindgarth');
    }

    public function testABigDoubleCoatIsRakedAndFeltFoundLaterGoesBackToTheOwner(): void
    {
        $this->page->signIn('tove');
        $this->arrival('holm');
        $this->page->button('1 tangles')->click();
        foreach (['back', 'loin', 'rump'] as $zone) {
            $this->page->tapZone($zone);
        }
        $this->sees($this->page, 'rake out in layers');
        self::assertStringNotContainsString('clip out', $this->page->text());
        $this->sees($this->page, 'comb test saved');
        $this->page->xpath("//a[.='To the table']")->click();
        $this->page->button('Begin')->click();
        $this->page->css('[data-testid=now-tool]');
        $this->page->button('Steps')->click();
        $steps = $this->page->css('[aria-label=Steps]')->getText();
        self::assertStringContainsString('rake', $steps);
        self::assertStringNotContainsString('mats clipped', $steps);
        // Felt is found later: the coat may not come back, so the owner is asked, and says no.
        $this->page->button('Side')->click();
        $this->page->button('Mat found')->click();
        $this->page->choose('Where', 'back');
        $this->page->button('4 felted')->click();
        $this->page->button('all')->click();
        $this->page->button('Note it')->click();
        $this->untilClosed();
        $this->says('back', 'waits for the owner');
        $this->page->button('Ask the owner')->click();
        $this->page->button('Send it')->click();
        $this->untilClosed();
        $this->sees($this->page, 'Go on with the rest.');
        $this->page->button('The owner has answered')->click();
        $this->page->until(
            fn (): ?bool => $this->page->button('No, leave it')->isEnabled() ? true : null,
            'the answer cannot be kept',
        );
        $this->page->button('No, leave it')->click();
        $this->untilClosed();
        $this->says('back', 'the owner said no');
        $this->sees($this->page, 'refused: nothing is cut that was not on the card');
        $this->page->go('/outbox');
        $this->sees($this->page, 'we found more mats');
    }

    public function testInAnEmergencyOneTapSaysWhomToCallWithoutANetworkToo(): void
    {
        $this->page->signIn('tove');
        $this->card($this->page, 'tansy');
        $this->page->button('Emergency')->click();
        $this->sees($this->page, '0555 019 4410');
        $this->page->css('[role=dialog] [aria-label=Close]')->click();
        $this->untilClosed();
        $this->page->network(false);
        $this->page->button('Emergency')->click();
        $this->sees($this->page, '0555 019 4410');
        $this->sees($this->page, 'Second contact');
        $this->page->button('Bite')->click();
        $this->sees($this->page, 'Wash the wound under running water');
        $this->page->network(true);
    }
}
