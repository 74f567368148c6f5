<?php

/** The one way in for the API. */

declare(strict_types=1);

use KeenThistle\Kernel;

require_once dirname(__DIR__).'/vendor/autoload_runtime.php';

return static function (array $context): Kernel {
    $environment = is_string($context['APP_ENV'] ?? null) ? $context['APP_ENV'] : 'prod';
    $secret = $context['APP_SECRET'] ?? null;
    if ('test' !== $environment && (!is_string($secret) || strlen($secret) < 16)) {
        // Not served at all: what is signed with an empty secret is signed by anybody.
        error_log('Keen Thistle: APP_SECRET is missing or shorter than 16 characters; set it to 32 random ones.');
        http_response_code(503);
        header('Content-Type: application/problem+json');
        exit(
            '{"type":"/problems/not-set-up","title":"This server is not set up yet: its secret is missing. '.
                'Nothing can be kept.","status":503}'
        );
    }

    return new Kernel($environment, (bool) ($context['APP_DEBUG'] ?? false));
};
