<?php

/** Loads the application for the tests; of two processes at once each has its own database, sender and exports. */

declare(strict_types=1);

require dirname(__DIR__).'/vendor/autoload.php';

$token = getenv('TEST_TOKEN');
if (is_string($token) && '' !== $token) {
    $ends = ['DATABASE_URL' => '/thistle_test(?=\\?|$)/', 'SENDER_DIR' => '/$/', 'EXPORT_DIR' => '/$/'];
    foreach ($ends as $name => $end) {
        $value = getenv($name);
        if (is_string($value)) {
            $own = (string) preg_replace($end, 'DATABASE_URL' === $name ? "thistle_test$token" : $token, $value, 1);
            putenv("$name=$own");
            $_ENV[$name] = $_SERVER[$name] = $own;
        }
    }
}
