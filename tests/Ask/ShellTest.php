<?php

/** bin/ask as an outsider uses it: the contract of its options, its answers and its errors. */

declare(strict_types=1);

namespace KeenThistle\Tests\Ask;

use KeenThistle\Ask\Question;
use KeenThistle\Ask\Shell;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;

final class ShellTest extends ShellCase
{
    /** @param array<string, mixed> $expected */
    #[DataProvider('examples')]
    public function testAnswersAndSchemas(string $rule, string $input, array $expected): void
    {
        [$code, $json] = self::ask([$rule], $input);
        self::assertSame(0, $code, $json);
        $answer = json_decode($json, true, 32, \JSON_THROW_ON_ERROR);
        self::assertIsArray($answer);
        foreach ($expected as $key => $value) {
            self::assertSame($value, $answer[$key], $key);
        }
        [$code, $schema] = self::ask([$rule, '--schema']);
        self::assertSame(0, $code);
        $decoded = json_decode($schema, false, 32, \JSON_THROW_ON_ERROR);
        self::assertIsObject($decoded);
        self::assertTrue(
            (new Validator())->validate(json_decode($input), $decoded)->isValid(),
            'the example fits the published schema',
        );
        self::assertFalse((new Validator())->validate((object) ['surprise' => 1], $decoded)->isValid());
    }

    public function testEveryRuleIsListed(): void
    {
        [, $json] = self::ask(['--list']);
        foreach (Shell::allQuestions() as $question) {
            self::assertStringContainsString('"rule":"'.$question->name().'"', $json);
        }
    }

    #[DataProvider('badInput')]
    public function testBadInputNamesTheField(string $rule, string $input, string $field): void
    {
        [$code, $json] = self::ask([$rule], $input);
        self::assertSame(2, $code);
        $answer = json_decode($json, true, 8, \JSON_THROW_ON_ERROR);
        self::assertIsArray($answer);
        self::assertSame(['error'], array_keys($answer));
        self::assertIsArray($answer['error']);
        self::assertSame($field, $answer['error']['field']);
        self::assertNotSame('', $answer['error']['message']);
    }

    public function testALineInErrorDoesNotStopTheRest(): void
    {
        [$code, $out] = self::ask(['growth', '--lines'], "{\"coat\":\"curly\"}\nnonsense\n{\"coat\":\"wire\"}\n");
        $lines = explode("\n", trim($out));
        self::assertSame(0, $code);
        self::assertCount(3, $lines);
        self::assertStringContainsString('"mm_per_week":2.9', $lines[0]);
        self::assertStringContainsString('"error"', $lines[1]);
        self::assertStringContainsString('"mm_per_week":2.2', $lines[2]);
    }

    public function testTheRealCommandNeedsNothingInstalled(): void
    {
        $command = proc_open(
            [\dirname(__DIR__, 2).'/bin/ask', 'lenght'],
            [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
            sys_get_temp_dir(),
        );
        self::assertIsResource($command);
        $out = (string) stream_get_contents($pipes[1]);
        $err = (string) stream_get_contents($pipes[2]);
        self::assertSame([2, ''], [proc_close($command), $err]);
        self::assertStringContainsString('did you mean \"length\"', $out);
    }

    public function testQuestionsHaveDistinctNames(): void
    {
        $names = array_map(static fn (Question $q): string => $q->name(), Shell::allQuestions());
        self::assertSame($names, array_unique($names));
    }
}
