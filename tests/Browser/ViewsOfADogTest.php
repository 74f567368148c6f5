<?php

/** The views of one dog up to the table hold in light, dark, on a phone and at 200 % text. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

final class ViewsOfADogTest extends ViewsCase
{
    public static function views(): iterable
    {
        yield 'card, when back' => ['tansy', 'The clocks'];
        yield 'card, a zone' => ['perrin?zone=armpit_left', 'Where it meets its neighbours'];
        yield 'card, double coat' => ['marl?zone=ribs_left', 'Where it meets its neighbours'];
        yield 'card, empty zone' => ['gantry?zone=throat', 'Plan this zone'];
        yield 'visit' => ['tansy/visit', 'Everything as planned'];
        yield 'new dog' => ['/dogs/new', 'As described so far'];
        yield 'card on paper' => ['tansy/paper', 'head, from the front'];
        yield 'dog form' => ['tansy/edit', 'Edit Tansy'];
        yield 'arrival, mats' => ['perrin/arrival', 'Decisions'];
        yield 'arrival, agree' => ['perrin/arrival#Agree', 'How to go on'];
        yield 'arrival, check' => ['gantry/arrival#Check', 'Hands on'];
        yield 'arrival, handling' => ['marl/arrival#Handling', 'Who can take'];
        yield 'arrival, photos' => ['hobnob/arrival#Photos', 'not photographed'];
        yield 'card, order' => ['perrin?#Order', 'Done when'];
        yield 'card, one line' => ['perrin?#One line', 'This is the plan as it is.'];
        yield 'arrival, one line' => ['perrin/arrival#One line', 'This is the plan as it is.'];
    }

    public function testSigningInHoldsToo(): void
    {
        $this->signOut();
        self::$signedIn = false;
        $this->page->go('/');
        $this->page->css('input[name=login]');
        self::assertSame([], $this->axe());
        $this->page->size(390, 844, true);
        self::assertSame([], $this->axe());
        self::assertLessThanOrEqual(390, $this->width());
    }

    public function testWhatOpensOverAViewHolds(): void
    {
        $this->signOut();
        self::$signedIn = false;
        $this->page->signIn('maren');
        $this->card($this->page, 'tansy', 'back');
        $this->page->consoleErrors();
        $this->page->css('[aria-label^="Why: what back"]')->click();
        $this->page->css('[role=dialog]');
        self::assertSame([], $this->axe(), 'reasons');
        $this->page->keys(\Facebook\WebDriver\WebDriverKeys::ESCAPE);
        $this->page->button('When back')->click();
        $this->page->css('[aria-label="Day: choose from a month"]')->click();
        $this->page->css('.calendar [aria-selected=true] button');
        self::assertSame([], $this->axe(), 'a month');
        $this->page->keys(\Facebook\WebDriver\WebDriverKeys::ESCAPE);
        $this->page->css('header button[aria-haspopup=dialog]')->click();
        $this->page->sees('Who is at the table?');
        self::assertSame([], $this->axe(), 'change of person');
        $this->page->keys(\Facebook\WebDriver\WebDriverKeys::ESCAPE);
        $this->page->css('[aria-label="Keyboard shortcuts"]')->click();
        $this->page->sees('find a dog');
        self::assertSame([], $this->axe(), 'shortcuts');
        self::assertSame([], $this->page->consoleErrors());
    }
}
