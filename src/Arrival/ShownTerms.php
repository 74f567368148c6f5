<?php

/** What an agreement says, in one text that is sealed: exactly what was shown. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

final class ShownTerms
{
    private function __construct()
    {
    }

    /** @return string JSON */
    public static function of(Arrival $arrival, ArrivalView $view, OptionView $chosen, string $by): string
    {
        $mats = array_values(array_filter($view->comb->zones, static fn (MatView $z): bool => 'none' !== $z->decision));

        return json_encode(
            [
                'dog' => $arrival->dog->name,
                'salon' => $arrival->salon->name,
                'day' => $view->day,
                'kind' => $view->kind,
                'choice' => $chosen->choice,
                'by' => $by,
                'title' => $chosen->title,
                'minutes' => $chosen->slot_minutes,
                'price_minor' => $chosen->price_minor,
                'price_terms' => $chosen->price_terms,
                'tax_minor' => $chosen->tax_minor,
                'extras' => array_column($view->extras, 'name'),
                'house_terms' => $view->house_terms,
                'currency' => $arrival->salon->currency,
                'leaves_mm' => $chosen->leaves_mm,
                'even_blade' => $chosen->even_blade,
                'even_zones' => $chosen->even_zones,
                'later' => $chosen->later,
                'price_all_minor' => $chosen->price_all_minor,
                'back_message' => $chosen->back_message,
                'visits' => $chosen->visits,
                'consent' => $view->comb->consent,
                'warnings' => array_column($chosen->warnings, 'message'),
                'findings' => [
                    ...array_column($view->comb->findings, 'message'),
                    ...array_column($view->findings, 'message'),
                ],
                'load' => $view->comb->load,
                'zones' => array_map(
                    static fn (MatView $z): array => [
                        'zone' => $z->zone,
                        'severity' => $z->severity,
                        'words' => $z->owner_words,
                        'leaves_mm' => $z->leaves_mm,
                        'fill_back_on' => $z->fill_back_on,
                    ],
                    $mats,
                ),
                'comb_version' => $arrival->combVersion,
                'check_version' => $arrival->checkVersion,
            ],
            \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
        );
    }
}
