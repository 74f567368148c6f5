<?php

/** A page as a PDF: nothing is fetched for it, nothing in it is run. */

declare(strict_types=1);

namespace KeenThistle\Owner;

use Dompdf\Dompdf;
use Dompdf\Options;

final class Pdf
{
    private function __construct()
    {
    }

    public static function of(string $html): string
    {
        $pdf = new Dompdf(
            new Options(['isRemoteEnabled' => false, 'isPhpEnabled' => false, 'defaultFont' => 'DejaVu Sans']),
        );
        $pdf->loadHtml($html);
        $pdf->setPaper('A4');
        $pdf->render();

        return (string) $pdf->output();
    }
}
