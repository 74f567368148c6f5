<?php

/** Tells whether the application and its database answer. */

declare(strict_types=1);

namespace KeenThistle\Http;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

final readonly class HealthController
{
    #[Route('/api/health', methods: ['GET'])]
    public function __invoke(Health $health): Response
    {
        $health->check();

        return Json::response(['status' => 'ok']);
    }
}
