<?php

/** Boots the application. */

declare(strict_types=1);

namespace KeenThistle;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\DependencyInjection\Compiler\CompilerPassInterface;
use Symfony\Component\DependencyInjection\ContainerBuilder;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

final class Kernel extends BaseKernel implements CompilerPassInterface
{
    use MicroKernelTrait;

    /** Listens to every request of a site of pages, and has nothing to say to an API. */
    private const NOTHING_TO_SAY = [
        'locale_listener',
        'locale_aware_listener',
        'controller.cache_attribute_listener',
        'controller.is_signature_valid_attribute_listener',
        'controller.is_csrf_token_valid_attribute_listener',
    ];

    public function process(ContainerBuilder $container): void
    {
        array_map($container->removeDefinition(...), self::NOTHING_TO_SAY);
    }
}
