<?php

/** A dog's card on paper: who it is, what to mind, what is left where. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use KeenThistle\Book\Dog;
use KeenThistle\Card\Cards;
use KeenThistle\Card\ZoneView;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Twig\Environment;

final readonly class CardPaper
{
    public function __construct(private Cards $cards, private Scope $scope, private Environment $twig)
    {
    }

    public function html(Actor $actor, Dog $dog): string
    {
        $card = $this->cards->of($actor, $dog, $this->scope->today($actor), '', null);
        $planned = array_filter($card->zones, static fn (ZoneView $z): bool => null !== $z->recipe);

        return $this->twig->render('card.html.twig', [
            'salon' => $dog->salon->name,
            'card' => $card,
            'zones' => array_map(static fn (ZoneView $z): array => [
                'label' => Zone::of($z->zone)->label,
                'words' => $z->recipe?->words,
                'mm' => $z->finished_mm,
            ], array_values($planned)),
        ]);
    }
}
