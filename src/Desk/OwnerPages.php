<?php

/** Pages that an owner opens by a link, without signing in: as a page, as a PDF, or missing. */

declare(strict_types=1);

namespace KeenThistle\Desk;

use Dompdf\Dompdf;
use Dompdf\Options;
use Symfony\Component\HttpFoundation\Response;
use Twig\Environment;

final readonly class OwnerPages
{
    public function __construct(private Environment $twig)
    {
    }

    public function page(string $html): Response
    {
        return self::private(new Response($html));
    }

    public function pdf(string $html, string $name): Response
    {
        $pdf = new Dompdf(new Options(['isRemoteEnabled' => false, 'isPhpEnabled' => false, 'defaultFont' => 'DejaVu Sans']));
        $pdf->loadHtml($html);
        $pdf->setPaper('A4');
        $pdf->render();

        return self::private(new Response((string) $pdf->output(), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => "inline; filename=\"$name\""]));
    }

    public function missing(): Response
    {
        return new Response($this->twig->render('owner_missing.html.twig'), 404);
    }

    /** Neither kept by others nor found by search. */
    private static function private(Response $response): Response
    {
        $response->headers->set('Cache-Control', 'private, no-store');
        $response->headers->set('X-Robots-Tag', 'noindex');

        return $response;
    }
}
