<?php

/** Loads the application for the tests; the core's tests need nothing but the autoloader. */

declare(strict_types=1);

require dirname(__DIR__).'/vendor/autoload.php';
