<?php

/** The kit: what lives where, and measuring a tool. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Http\Problem;
use KeenThistle\Http\Writes;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Salon\Scope;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class KitController
{
    public function __construct(private KitReader $kit, private Scope $scope, private Writes $writes, private ChangeRecorder $log)
    {
    }

    #[Route('/api/kit', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('The tools of the salon and where they live', gives: KitView::class)]
    public function list(): Response
    {
        return Json::response(new KitView(array_map(static fn (array $row): KitItemView => new KitItemView(
            $row['id'], $row['version'], $row['kind'], $row['label'], $row['place'], $row['place_name'],
            null === $row['nominal_um'] ? null : $row['nominal_um'] / 1000, null === $row['measured_um'] ? null : $row['measured_um'] / 1000, $row['measured_base'], $row['measured_lay'],
        ), $this->kit->rows())));
    }

    public static function measureShape(): Shape
    {
        return Shape::object([
            'measured_mm' => Shape::number(0.1, Length::MAX_MM, 'mm, as measured')->nullable()->required(),
            'base' => Shape::choice(BladeTable::GUARD_BASES, 'base blade')->nullable(),
            'lay' => Shape::enum(Lay::class, 'lay')->default('with'),
        ]);
    }

    #[Route('/api/kit/{id}/measurement', methods: ['PUT'])]
    #[IsGranted(May::KIT)]
    #[Endpoint('Measure a tool: every card\'s length follows', gives: KitItemView::class, takes: [self::class, 'measureShape'], versioned: true)]
    public function measure(Request $request, string $id): Response
    {
        $body = Body::read($request, self::measureShape());
        $version = Body::version($request);

        return $this->writes->once($request, function (EntityManagerInterface $manager) use ($id, $body, $version): Response {
            $item = $this->scope->get(KitItem::class, $id, $manager, 'tool');
            $manager->refresh($item, \Doctrine\DBAL\LockMode::PESSIMISTIC_WRITE);
            if ($item->version !== $version) {
                throw Problem::stale('Somebody measured this tool meanwhile.', ['theirs' => ['measured_mm' => null === $item->measuredUm ? null : $item->measuredUm / 1000, 'version' => $item->version]]);
            }
            if (!\in_array($item->kind, ['blade', 'guard'], true)) {
                throw InvalidInput::at('measured_mm', 'only blades and guards leave a length of their own');
            }
            $mm = $body->floatOrNull('measured_mm');
            $base = $body->textOrNull('base');
            if ('guard' === $item->kind && null !== $mm && null === $base) {
                throw InvalidInput::at('base', 'say which base was under the guard: '.implode(', ', BladeTable::GUARD_BASES));
            }
            $before = ['measured_um' => $item->measuredUm];
            $item->measuredUm = null === $mm ? null : Length::ofMillimetres($mm, 'measured_mm')->micrometres();
            $item->measuredBase = 'guard' === $item->kind ? $base : null;
            $item->measuredLay = null === $mm ? null : $body->enum('lay', Lay::class);
            ++$item->version;
            $manager->getConnection()->executeStatement('UPDATE salon SET kit_version = kit_version + 1 WHERE id = ?', [$item->salon->id->toBinary()]);
            $this->log->record($manager, null, 'kit', (string) $item->id, null === $mm ? "$item->label: measurement removed" : "$item->label measured at $mm mm", $before, ['measured_um' => $item->measuredUm]);

            return Json::response(new KitItemView((string) $item->id, $item->version, $item->kind, $item->label, (string) $item->place->id, $item->place->name, null === $item->nominalUm ? null : $item->nominalUm / 1000, $mm, $item->measuredBase, $item->measuredLay?->value));
        });
    }
}
