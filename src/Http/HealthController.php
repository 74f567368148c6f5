<?php

/** Tells whether the application and its database answer. */

declare(strict_types=1);

namespace KeenThistle\Http;

use Doctrine\DBAL\Connection;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

final readonly class HealthController
{
    #[Route('/api/health', methods: ['GET'])]
    public function __invoke(Connection $db): Response
    {
        $db->executeQuery('SELECT 1');

        return Json::response(['status' => 'ok']);
    }
}
