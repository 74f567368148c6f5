<?php

/** A receipt, on paper or on a screen. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Core\Money\Bill;
use Twig\Environment;

final readonly class ReceiptPaper
{
    public function __construct(private Environment $twig)
    {
    }

    /** @param string $token of its link, for the way from the screen to the PDF */
    public function html(Sale $sale, string $token, bool $print): string
    {
        return $this->twig->render('receipt.html.twig', [
            's' => $sale,
            'token' => $token,
            'print' => $print,
            'taxes' => Bill::taxes($sale->lines()),
        ]);
    }
}
