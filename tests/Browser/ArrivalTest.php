<?php

/**
 * Arrival as it is lived: by pointer with a drawn stroke, by keyboard alone, with a signature, photos, and things
 * going wrong.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

final class ArrivalTest extends ArrivalCase
{
    public function testAWholeArrivalByPointer(): void
    {
        $this->page->signIn('tove');
        $this->arrive('tansy');
        $this->page->button('2 separate mats')->click();
        $this->page->tapZone('chest');
        $this->load('1.3', 'chest, half of it, severity 2');
        // One stroke across several zones.
        $this->page->button('1 tangles')->click();
        $this->stroke('ribs_left', 'loin', 'rump');
        foreach (['ribs_left', 'loin', 'rump'] as $zone) {
            $this->severity($zone, '1');
        }
        $this->page->button('3 tight')->click();
        $this->page->button('Below')->click();
        $this->page->tapZone('armpit_left');
        $this->sees($this->page, '10 blade; a 15 or 30 only by an experienced groomer');
        $this->page->choose('Skin there', 'sore');
        $this->sees($this->page, 'sore skin. Stop there, photograph, tell the owner');
        $this->page->xpath("//summary[.='Decide differently']")->click();
        $this->page->choose('Your decision', 'split');
        $this->sees($this->page, 'Because is needed');
        $this->page->type('Because', 'it comes apart already');
        $this->sees($this->page, 'decided: it comes apart already');
        $this->page->button('Check')->click();
        $this->page->type('Weight (kg)', '11,4');
        $this->page->button('red')->click();
        $this->sees($this->page, 'Red or scabbed skin');
        $this->page->button('Agree')->click();
        $this->sees($this->page, 'Knots are worked out by hand');
    }

    public function testAnAgreementIsSignedAndTheOwnerHasACopy(): void
    {
        $this->page->signIn('tove');
        $this->arrive('hobnob');
        $this->page->button('4 felted')->click();
        $this->page->tapZone('chest');
        $this->page->button('Agree')->click();
        $this->sees($this->page, 'These places are clipped out and will be short: chest');
        $this->page->xpath("//button[@role='radio'][contains(., 'One even length')]")->click();
        $this->page->button('When done')->click();
        $this->sees($this->page, 'mm it leaves');
        $this->sees($this->page, 'comb test saved');
        $this->page->button('Show it to the owner')->click();
        $this->sees($this->page, 'clipped to about');
        $this->page->button('Agree and sign')->click();
        $this->sees($this->page, 'Signature is required');
        $this->sign();
        $this->page->button('Agree and sign')->click();
        $this->sees($this->page, 'Nothing in it can be changed any more');
        $this->page->button('Give the tablet back')->click();
        $this->sees($this->page, 'by Tamsin Oldacre, taken by Tove Lindgarth');
        $link = (string) $this->page->xpath("//a[.='copy']")->getAttribute('href');
        $this->page->driver->get(str_starts_with($link, 'http') ? $link : $this->page->address.$link);
        $this->sees($this->page, 'has agreed to: One even length');
        $this->sees($this->page, 'unchanged since it was signed');
    }

    public function testAWholeArrivalWithTheKeyboardAlone(): void
    {
        $this->page->signIn('maren');
        $this->arrive('dimity');
        $this->tabTo('svg[role=listbox]');
        $this->page->keys(WebDriverKeys::HOME, '2');
        $zone = str_replace(
            'zone-',
            '',
            (string) $this->page->css('svg[role=listbox]')->getAttribute('aria-activedescendant'),
        );
        $this->severity($zone, '2');
        $this->page->keys(WebDriverKeys::ARROW_RIGHT, '1');
        $this->sees($this->page, 'comb test saved');
        $this->tabTo('[role=tab][data-state=active]');
        foreach (['Check', 'Today', 'Handling', 'Agree'] as $tab) {
            $this->page->keys(WebDriverKeys::ARROW_RIGHT);
            $this->page->xpath("//button[@role='tab'][@data-state='active'][.='$tab']");
        }
        $this->sees($this->page, 'How to go on');
        $this->tabToText('Show it to the owner');
        $this->page->keys(WebDriverKeys::ENTER);
        $this->tabToText('Sign with a cross');
        $this->page->keys(WebDriverKeys::ENTER);
        $this->tabToText('Agree and sign');
        $this->page->keys(WebDriverKeys::ENTER);
        $this->sees($this->page, 'Agreed and sealed');
    }

    public function testWhatTheArrivalFoundIsNotTypedAgain(): void
    {
        $this->page->signIn('maren');
        $this->arrive('sorrel');
        $this->page->button('4 felted')->click();
        $this->page->tapZone('front_feather_left');
        $this->sees($this->page, 'comb test saved');
        $this->page->button('Check')->click();
        $this->page->type('back (mm)', '31');
        $this->sees($this->page, 'check saved');
        usleep(400_000);
        $this->page->xpath("//a[.='Record visit']")->click();
        $this->sees($this->page, '1 of');
        self::assertSame('31', $this->page->field('back (mm)')->getAttribute('value'));
        $this->page->button('Record visit')->click();
        $this->sees($this->page, 'Sorrel: visit recorded');
        $this->page->button('Visits')->click();
        $this->sees($this->page, 'clipped out under a mat');
    }

    public function testAPhotoIsTakenInAndABadOneSaysWhy(): void
    {
        $this->page->signIn('tove');
        $this->arrive('gantry');
        $this->page->button('Photos')->click();
        $this->sees($this->page, 'not photographed');
        $input = $this->page->css('input[type=file]');
        $input->setFileDetector(new LocalFileDetector());
        $good = sys_get_temp_dir().'/kt-photo.png';
        $image = imagecreatetruecolor(300, 200);
        imagepng($image, $good);
        $input->sendKeys($good);
        $this->page->css('img[src*="/small"]');
        $bad = sys_get_temp_dir().'/kt-photo.jpg';
        file_put_contents($bad, '<svg><script>alert(1)</script></svg>');
        $this->page->css('input[type=file]')->setFileDetector(new LocalFileDetector())->sendKeys($bad);
        $this->sees($this->page, 'The photo must be a photo: JPEG, PNG, WebP');
        $this->page->button('Leave it')->click();
        $large = sys_get_temp_dir().'/kt-large.jpg';
        file_put_contents($large, str_repeat("\xFF", 20_000_000));
        $this->page->css('input[type=file]')->setFileDetector(new LocalFileDetector())->sendKeys($large);
        $this->sees($this->page, 'is too large: at most 12 MB');
        self::assertCount(1, $this->page->driver->findElements(WebDriverBy::cssSelector('img[src*="/small"]')));
    }

    public function testALostConnectionKeepsTapsAndSignatureAndSendsThemLater(): void
    {
        $this->page->signIn('tove');
        $this->arrive('cobnut');
        $this->page->button('2 separate mats')->click();
        $this->page->network(false);
        $this->page->tapZone('chest');
        $this->severity('chest', '2');
        $this->sees($this->page, 'not sent yet: kept here');
        $this->page->button('Agree')->click();
        $this->page->button('Show it to the owner')->click();
        $this->sign();
        $this->sees($this->page, 'sign when it is there');
        $this->page->network(true);
        $waits = fn (): bool => str_contains($this->page->css('[role=dialog]')->getText(), 'sign when it is there');
        $this->page->until(static fn (): ?bool => $waits() ? null : true, 'what was found does not reach the salon');
        self::assertNotSame('', $this->page->css('[data-testid=signature] path:last-child')->getAttribute('d'));
        $this->page->button('Agree and sign')->click();
        $this->sees($this->page, 'Agreed and sealed');
    }

    public function testTwoPeopleCombTheSameDog(): void
    {
        $idris = $this->another();
        $idris->signIn('idris');
        $idris->find('wick');
        $idris->xpath("//a[contains(., 'Arrival')]")->click();
        $idris->css('#zone-back');
        $this->page->signIn('tove');
        $this->arrive('wick');
        $this->page->button('2 separate mats')->click();
        $this->page->tapZone('back');
        $this->sees($this->page, 'comb test saved');
        $idris->until(
            static fn (): ?bool => str_contains(
                (string) $idris->css('#zone-back')->getAttribute('aria-label'),
                'severity 2',
            )
                ? true
                : null,
            'the other tablet does not see it',
        );
        $this->addToAssertionCount(1);
    }

    public function testHandlingClimbsTheLadder(): void
    {
        $this->page->signIn('tove');
        $this->arrive('perrin');
        $this->page->button('Handling')->click();
        $this->sees($this->page, 'Who can take Perrin');
        $this->page->xpath("//section[@aria-label='dryer']//button[.='Went calmly']")->click();
        $this->sees($this->page, 'dryer: first small strokes comes next');
        $this->page->button('grinder')->click();
        $this->page->choose('Tolerates it', '0');
        $this->page->xpath("//form//button[.='Save']")->click();
        $this->sees($this->page, 'Not today');
        $this->sees($this->page, 'Sedation is a vet');
    }
}
