<?php

/** An agreement, on paper or on a screen, with its signature and whether its seal fits. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Core\Zone\Zone;
use Twig\Environment;

final readonly class AgreementPaper
{
    public function __construct(private Agreements $agreements, private Seal $seal, private Environment $twig)
    {
    }

    public function html(Agreement $a, bool $print): string
    {
        $terms = json_decode($a->terms, true);
        $terms = \is_array($terms) ? $terms : [];
        foreach (\is_array($terms['zones'] ?? null) ? $terms['zones'] : [] as $i => $z) {
            if (\is_array($z) && \is_string($z['zone'] ?? null) && \is_array($terms['zones'])) {
                $terms['zones'][$i] = $z + ['label' => Zone::of($z['zone'])->label];
            }
        }
        $signature =
            '<svg xmlns="http://www.w3.org/2000/svg" width="600" height="200" viewBox="0 0 600 200"><path d="'.
            $a->signature.
            '" fill="none" stroke="#241c26" stroke-width="3"/></svg>';

        return $this->twig->render('agreement.html.twig', [
            'a' => $a,
            'terms' => $terms,
            'print' => $print,
            'intact' => $this->seal->holds($this->agreements->chain($a)),
            'signature' => '' === $a->signature ? null : 'data:image/svg+xml;base64,'.base64_encode($signature),
        ]);
    }
}
