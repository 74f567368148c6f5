<?php

/** The home-care sheet of a groom, on paper or on a screen. */

declare(strict_types=1);

namespace KeenThistle\Desk;

use KeenThistle\Table\Groom;
use Twig\Environment;

final readonly class CarePaper
{
    public function __construct(private Environment $twig)
    {
    }

    public function html(Groom $groom, bool $print): string
    {
        return $this->twig->render('care.html.twig', [
            'g' => $groom,
            'sections' => $groom->care['sections'] ?? [],
            'print' => $print,
        ]);
    }
}
