<?php

/** What an agreement says, in one text that is sealed: exactly what was shown. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Core\Matting\Decision;
use KeenThistle\Core\Matting\ZoneDecision;
use KeenThistle\Core\Today\Row;

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

    /**
     * As it was shown without a signal: minutes and price as they stood there, each place by itself.
     *
     * @param iterable<array{ZoneDecision, Row|null}> $found
     *
     * @return string JSON
     */
    public static function away(Arrival $arrival, ArrivalView $view, AgreementForm $form, iterable $found): string
    {
        $zones = $consent = [];
        foreach ($found as [$decision]) {
            if (Decision::None !== $decision->decision) {
                $zones[] = [
                    'zone' => $decision->mat->zone->id,
                    'severity' => $decision->mat->severity,
                    'words' => $decision->forOwner(),
                    'leaves_mm' => $decision->under?->leaves()?->rounded(),
                    'fill_back_on' => null,
                ];
                $consent[] = ucfirst($decision->mat->zone->label).': '.$decision->forOwner();
            }
        }

        return json_encode(
            [
                'dog' => $arrival->dog->name,
                'salon' => $arrival->salon->name,
                'day' => $view->day,
                'kind' => ($form->kind ?? $arrival->kind)->value,
                'choice' => $form->choice,
                'by' => $form->by,
                'away' => true,
                'title' => $view->comb->options[0]->title,
                'minutes' => $form->away?->minutes,
                'price_minor' => $form->away?->price_minor,
                'price_terms' => [],
                'tax_minor' => null,
                'extras' => $form->extras ?? array_column($view->extras, 'name'),
                'house_terms' => $view->house_terms,
                'currency' => $arrival->salon->currency,
                'leaves_mm' => null,
                'even_blade' => null,
                'even_zones' => [],
                'later' => [],
                'price_all_minor' => null,
                'back_message' => null,
                'visits' => 1,
                'consent' => $consent,
                'warnings' => [],
                'findings' => [],
                'load' => $view->comb->load,
                'zones' => $zones,
                'comb_version' => $form->comb_version,
                'check_version' => $form->check_version,
            ],
            \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
        );
    }
}
