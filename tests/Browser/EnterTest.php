<?php

/** A salon from nothing: begun by a one-time address, its kit ticked, its first dog planned; people come and go. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use KeenThistle\Demo\DemoLoader;
use Symfony\Component\Process\Process;

final class EnterTest extends BrowserTestCase
{
    private const PASSWORD = 'moss kettle ferry oar';
    /** Of a newcomer, first look to first planned zone; typing in a field is none. */
    private const MOST_TAPS = 30;

    private int $taps = 0;
    private string $last = '';

    public function testFromTheFirstRunToTheFirstDog(): void
    {
        $this->page->go($this->begin());
        $this->type(['Name of the salon' => 'T']);
        $this->tap('Go on');
        $this->tap('Go on');
        $this->type(['Your name' => 'Nell Sedgeley', 'Sign-in name' => 'nell']);
        $this->type(['Password' => 'kettle', 'PIN' => '1234']);
        $this->tap('Begin');
        $this->tap('1. Your salon · something is wrong here');
        $this->sees($this->page, 'Name of the salon must be');
        $this->type(['Name of the salon' => 'The Long Meadow']);
        $this->tap('3. You, its first manager');
        $this->tap('Begin');
        $this->sees($this->page, 'Password must have 12 letters or more');
        $this->sees($this->page, 'its digits stand in a row');
        // Left, and taken up again: what was typed is there, secrets are not.
        $this->page->driver->navigate()->refresh();
        self::assertSame('The Long Meadow', $this->page->field('Name of the salon')->getAttribute('value'));
        // What a browser suggests differs from machine to machine.
        $this->page->xpath("//*[@role='radio' and .='kg and mm']")->click();
        ++$this->taps;
        $this->tap('Go on');
        $this->type(['First place' => 'Barn']);
        $this->tap('Go on');
        self::assertSame('', $this->page->field('PIN')->getAttribute('value'));
        self::assertSame('nell', $this->page->field('Sign-in name')->getAttribute('value'));
        $this->type(['Password' => self::PASSWORD, 'PIN' => '4071']);
        $this->tap('Begin');
        $this->sees($this->page, 'The Long Meadow has begun');
        self::assertStringNotContainsString('Demo', $this->page->text());
        $this->link('Tick your kit');
        foreach (['10 · 1.5 mm', '7F · 3.2 mm', '16 mm guard', 'long straight shears'] as $tool) {
            $this->page->field($tool)->click();
            ++$this->taps;
        }
        $this->tap('Take 4 into the kit');
        $this->sees($this->page, '4 tools are in the kit');
        $this->page->xpath("//nav//a[contains(., 'Book')]")->click();
        $this->sees($this->page, '4 tools so far');
        $this->link('Take the first dog in');
        $this->type(['Name' => 'Sedge', 'Breed or cross' => 'cross']);
        $this->type(['Name of the owner' => 'Rafe Moor', 'Phone' => '0555 014 0000']);
        $this->page->choose('Coat type', 'curly');
        ++$this->taps;
        $this->page->css('form button[type=submit]')->click();
        ++$this->taps;
        $this->sees($this->page, 'Nothing is planned yet');
        $this->page->tapZone('back');
        ++$this->taps;
        $this->page->css('#zone-back[aria-selected=true]');
        $this->tap('Plan this zone');
        $this->sees($this->page, '7F');
        self::assertLessThanOrEqual(self::MOST_TAPS, $this->taps);
        // The address opens nothing any more.
        $this->page->go($this->last);
        $this->sees($this->page, 'This link opens nothing any more');
    }

    public function testSomebodyIsInvitedSignsInOnASharedTabletAndLeaves(): void
    {
        $this->page->signIn('maren');
        $this->page->css('header button[aria-haspopup=dialog]')->click();
        $this->link('People');
        $this->page->button('Invite somebody')->click();
        $this->type(['Name' => 'Nell Sedgeley']);
        $this->page->choose('Role', 'bather');
        $this->page->button('Invite')->click();
        $address = $this->page->css('[role=dialog] code')->getText();
        $theirs = $this->another();
        $theirs->go((string) parse_url($address, \PHP_URL_PATH));
        $this->sees($theirs, 'You are invited as bather');
        foreach (['Sign-in name' => 'nell', 'Password' => self::PASSWORD, 'PIN' => '4071'] as $field => $text) {
            $theirs->type($field, $text);
        }
        $theirs->button('Join')->click();
        $theirs->css('nav[aria-label=Views]');
        $this->sees($theirs, 'Demo');
        // On the salon's tablet their PIN is enough.
        $this->page->button('Done')->click();
        $this->page->driver->navigate()->refresh();
        $this->page->css('header button[aria-haspopup=dialog]')->click();
        $this->page->xpath("//button[contains(., 'Nell Sedgeley')]")->click();
        $this->page->css('#pin')->sendKeys('4071');
        $this->page->button('Take over')->click();
        $this->page->xpath("//header//button[contains(., 'Nell')]");
        // Let go: out everywhere, at once.
        $this->leave();
        $this->page->signIn('maren');
        $this->page->go('/people');
        $this->page->button('Change Nell Sedgeley')->click();
        $this->page->button('No more')->click();
        $this->sees($this->page, 'signed out everywhere at once');
        $this->page->button('Keep')->click();
        $this->sees($this->page, 'Work here no more');
        $theirs->go('/kit');
        $theirs->css('input[name=login]');
    }

    public function testAPlaceIsClosedAndItsToolsMove(): void
    {
        $this->page->signIn('maren');
        $this->page->go('/people');
        $this->page->button('Change Ferry room')->click();
        $this->page->button('Closed')->click();
        $this->page->xpath("//*[@role='dialog']//label[.='Its tools and people go to']");
        $this->page->button('Keep')->click();
        $this->sees($this->page, 'Ferry room is closed');
        $this->page->go('/kit');
        $this->sees($this->page, 'Mill room');
        self::assertStringNotContainsString('Ferry room', $this->page->text());
    }

    public function testAPlaceSaysItsHoursAndAWrongOneIsNamedWithNothingLost(): void
    {
        $this->page->signIn('maren');
        $this->page->go('/people');
        $this->page->button('Change Ferry room')->click();
        $saturday = $this->page->field('Saturday');
        if (!$saturday->isSelected()) {
            $saturday->click();
        }
        $this->page->type('Saturday from', '14.30');
        $this->page->type('Saturday until', '9');
        $this->page->button('Keep')->click();
        $this->sees($this->page, 'must be after 14:30');
        self::assertSame('14:30', $this->page->field('Saturday from')->getAttribute('value'));
        $this->page->type('Saturday until', '18');
        $this->page->button('Keep')->click();
        $this->sees($this->page, 'Sat 14:30–18:00');
    }

    public function testSomebodyInTwoSalonsSignsOutElsewhereAndChangesOverInTheirOwnLanguage(): void
    {
        $this->page->signIn('wim');
        $theirs = $this->another();
        $theirs->signIn('wim');
        $this->page->go('/me');
        $this->page->xpath("//button[.='Sign out there']")->click();
        $this->sees($this->page, 'Signed out there');
        $theirs->go('/kit');
        $theirs->css('input[name=login]');
        $this->page->xpath("//*[@role='radio' and contains(., 'English, US')]")->click();
        $this->page->xpath("//*[@role='radio' and @aria-checked='true' and contains(., 'English, US')]");
        self::assertSame('en-US', $this->page->css('html')->getAttribute('lang'));
        $this->type(['Name you sign in with there' => 'sunniva', 'Password there' => 'not hers at all']);
        $this->page->button('Add that salon')->click();
        $this->sees($this->page, 'or the name is wrong');
        $this->type(['Password there' => DemoLoader::PASSWORD]);
        $this->page->button('Add that salon')->click();
        $this->sees($this->page, 'You can change over now');
        $this->page->css('header button[aria-haspopup=dialog]')->click();
        $this->page->xpath("//button[contains(., 'my other salon')]")->click();
        $this->page->css('#pin')->sendKeys('6414');
        $this->page->button('Change over')->click();
        $this->page->xpath("//header//button[contains(., 'Sunniva')]");
        self::assertSame('en', $this->page->css('html')->getAttribute('lang'));
        // And back, by the same menu.
        $this->page->css('header button[aria-haspopup=dialog]')->click();
        $this->page->xpath("//button[contains(., 'my other salon')]");
        $this->page->driver->navigate()->refresh();
        // Who looks after the salon sees the sign-ins.
        $this->leave();
        $this->page->signIn('maren');
        $this->page->go('/people');
        $this->page->xpath("//summary[.='Who signed in']")->click();
        $this->sees($this->page, 'Wim Tarrow');
    }

    public function testASalonInPoundsReadsAndTypesThem(): void
    {
        $this->page->signIn('maren');
        $this->page->go('/house');
        $this->page->choose('Weights and lengths', 'us');
        $this->page->button('Save house style')->click();
        $this->sees($this->page, 'House style saved');
        $this->page->go('/book');
        $this->page->find('Tansy');
        $this->sees($this->page, ' lb');
        $this->page->go('/house');
        $this->page->choose('Weights and lengths', 'metric');
        $this->page->button('Save house style')->click();
        $this->sees($this->page, 'House style saved');
    }

    public function testAForgottenPasswordIsChosenAnewByALinkThatAManagerHandsOver(): void
    {
        $this->page->signIn('maren');
        $this->page->go('/people');
        $this->page->button('Change Pell Hasp')->click();
        $this->page->button('Link for a new password')->click();
        $address = $this->page->css("section[aria-label='Open links'] code")->getText();
        $this->leave();
        $this->page->go((string) parse_url($address, \PHP_URL_PATH));
        $this->sees($this->page, 'A new password for Pell Hasp');
        $this->type(['New password' => 'pell hasp 12']);
        $this->page->button('Keep it and go in')->click();
        $this->sees($this->page, 'little more than a name');
        $this->type(['New password' => self::PASSWORD]);
        $this->page->button('Keep it and go in')->click();
        $this->page->css('nav[aria-label=Views]');
        $this->leave();
        $this->page->signIn('pell', self::PASSWORD);
    }

    /** Once nothing is under way any more that could bring the session back. */
    private function leave(): void
    {
        $this->page->go('/thistle.svg');
        $this->signOut();
    }

    private function begin(): string
    {
        $begin = new Process(['php', 'bin/console', 'thistle:begin'], \dirname(__DIR__, 2));

        return $this->last = trim($begin->mustRun()->getOutput());
    }

    /** @param array<string, string> $fields */
    private function type(array $fields): void
    {
        foreach ($fields as $label => $text) {
            $this->page->type($label, $text);
        }
    }

    private function tap(string $button): void
    {
        $this->page->button($button)->click();
        ++$this->taps;
    }

    private function link(string $text): void
    {
        $this->page->xpath("//a[contains(., '$text')]")->click();
        ++$this->taps;
    }
}
