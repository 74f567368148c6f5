<?php

/**
 * House style on the screen: a side that breaks a must is said at its row, and the order of work follows what is kept.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

final class HouseTest extends BrowserTestCase
{
    public function testAContradictionIsSaidAtItsRowAndAChoiceMovesTheOrder(): void
    {
        $this->page->signIn('maren');
        $this->page->xpath("//nav//a[contains(., 'House')]")->click();
        $this->side('Pads, when', 'after drying');
        $this->sees($this->page, 'contradicts the must "pads and between the toes before nails"');
        $this->side('Pads, when', 'before the bath');
        $this->side('Sanitary and close work', 'after drying');
        $this->page->button('Save house style')->click();
        $this->sees($this->page, 'House style saved');
        $this->card($this->page, 'wick');
        $this->page->button('Order')->click();
        $this->sees($this->page, 'Done when');
        self::assertGreaterThan(
            0,
            $this->page->driver->executeScript(
                'const t = [...document.querySelectorAll("ol > li b")].map(b => b.textContent); return '.
                    't.indexOf("close work: sanitary, belly") + 1',
            ),
        );
        $this->page->go('/house');
        $this->side('Sanitary and close work', 'before the bath');
        $this->page->button('Save house style')->click();
        $this->sees($this->page, 'House style saved');
    }

    public function testACardDiffersFromTheHouseAndWhatWouldBreakAMustIsRefused(): void
    {
        $this->page->signIn('tove');
        $this->card($this->page, 'tansy');
        $this->page->button('Order')->click();
        $this->page->xpath("//summary[contains(., 'as in the whole house')]")->click();
        $this->page->choose('Pads, when', 'after_dry');
        $this->sees($this->page, 'contradicts the must "pads and between the toes before nails"');
        $this->page->choose('Voice', 'marker');
        $this->sees($this->page, 'Differs from our usual way: voice');
        $this->page->choose('Voice', '');
        $this->sees($this->page, 'Our way of doing it: as in the whole house');
    }

    public function testTheSalonAddsAStyleOfItsOwnAndACardOffersIt(): void
    {
        $this->page->signIn('maren');
        $this->page->go('/house');
        $add = $this->page->xpath("//h3[.='Tail']/following-sibling::ul//button[contains(., 'our own')]");
        $this->page->driver->executeScript('arguments[0].scrollIntoView({block: "center"})', [$add]);
        $add->click();
        $this->page->type('Our name for it', 'weir brush');
        $this->page->choose('Drawn like', 'pompon');
        $this->page->button('Add it')->click();
        $this->page->button('Save house style')->click();
        $this->sees($this->page, 'House style saved');
        $this->card($this->page, 'sedge', 'tail_flag');
        $this->page->xpath("//label[.='Shape']/following-sibling::select/option[.='weir brush']");
    }

    public function testAGroomerReadsItButCannotChangeIt(): void
    {
        $this->page->signIn('tove');
        $this->page->go('/house');
        $this->sees($this->page, 'the itch is washed away');
        self::assertStringNotContainsString('Save house style', $this->page->text());
    }

    private function side(string $point, string $what): void
    {
        $label = $this->page->xpath("//div[@role='radiogroup'][@aria-label='$point']//label[contains(., '$what')]");
        $this->page->driver->executeScript('arguments[0].scrollIntoView({block: "center"})', [$label]);
        $label->click();
    }
}
