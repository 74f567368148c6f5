<?php

/** A receipt by its link, as a page or a PDF; needs no sign-in. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Core\Money\Bill;
use KeenThistle\Owner\Http\OwnerPages;
use KeenThistle\Owner\Secret;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Twig\Environment;

final readonly class ReceiptController
{
    public function __construct(private Receipts $receipts, private OwnerPages $pages, private Environment $twig)
    {
    }

    #[Route('/receipt/{token}', requirements: ['token' => Secret::PATTERN], methods: ['GET'])]
    public function page(string $token): Response
    {
        $sale = $this->receipts->openedBy($token);

        return null === $sale ? $this->pages->missing() : $this->pages->page($this->html($sale, $token, false));
    }

    #[Route('/receipt/{token}.pdf', requirements: ['token' => Secret::PATTERN], methods: ['GET'])]
    public function pdf(string $token): Response
    {
        $sale = $this->receipts->openedBy($token);

        return null === $sale
            ? $this->pages->missing()
            : $this->pages->pdf(
                $sale->id,
                fn (): string => $this->html($sale, $token, true),
                "receipt-$sale->number.pdf",
            );
    }

    private function html(Sale $sale, string $token, bool $print): string
    {
        return $this->twig->render('receipt.html.twig', [
            's' => $sale,
            'token' => $token,
            'print' => $print,
            'taxes' => Bill::taxes($sale->lines()),
        ]);
    }
}
