<?php

/** A receipt by its link, as a page or a PDF; needs no sign-in. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Owner\Http\OwnerPages;
use KeenThistle\Owner\Secret;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

final readonly class ReceiptController
{
    public function __construct(private Receipts $receipts, private OwnerPages $pages, private ReceiptPaper $paper)
    {
    }

    #[Route('/receipt/{token}', requirements: ['token' => Secret::PATTERN], methods: ['GET'])]
    public function page(string $token): Response
    {
        $sale = $this->receipts->openedBy($token);

        return null === $sale ? $this->pages->missing() : $this->pages->page($this->paper->html($sale, $token, false));
    }

    #[Route('/receipt/{token}.pdf', requirements: ['token' => Secret::PATTERN], methods: ['GET'])]
    public function pdf(string $token): Response
    {
        $sale = $this->receipts->openedBy($token);

        return null === $sale
            ? $this->pages->missing()
            : $this->pages->pdf(
                $sale->id,
                fn (): string => $this->paper->html($sale, $token, true),
                "receipt-$sale->number.pdf",
            );
    }
}
