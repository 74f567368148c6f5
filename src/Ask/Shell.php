<?php

/** The shell around the rules: arguments and standard input in, JSON and an exit code out. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Input\InvalidInput;

final readonly class Shell
{
    private const MAX_BYTES = 5_000_000;
    private const FLAGS =
        \JSON_UNESCAPED_SLASHES |
        \JSON_UNESCAPED_UNICODE |
        \JSON_PRESERVE_ZERO_FRACTION |
        \JSON_INVALID_UTF8_SUBSTITUTE |
        \JSON_THROW_ON_ERROR;
    public const HELP = <<<'TEXT'
    Ask a rule of the job from the shell. Needs no database.

      bin/ask RULE < input.json   the answer as JSON (exit 0), or {"error":{"field","message"}} (exit 2)
      bin/ask RULE --lines        JSON Lines: one answer a line, an error line does not stop the rest
      bin/ask RULE --schema       the input's JSON Schema
      bin/ask --list              the rules

    TEXT;

    /**
     * @param list<Question> $questions
     * @param resource $in
     * @param resource $out
     */
    public function __construct(private array $questions, private mixed $in, private mixed $out)
    {
    }

    /** @return list<Question> */
    public static function allQuestions(): array
    {
        return [
            new LengthQuestion(),
            new KitMatchQuestion(),
            new BlendQuestion(),
            new GrowthQuestion(),
            new RecoveryQuestion(),
            new IntervalQuestion(),
            new YearQuestion(),
            new DayQuestion(),
            new BookAheadQuestion(),
            new CompanyQuestion(),
            new YearCheckQuestion(),
            new BillQuestion(),
            new PaperQuestion(),
            new QuoteQuestion(),
            new RoundQuestion(),
            new SameQuestion(),
            new KeepableQuestion(),
            new ReadCutQuestion(),
            new SmallestKitQuestion(),
            new StretchQuestion(),
            new ConvergeQuestion(),
            new BiasQuestion(),
            new MattingQuestion(),
            new MinutesQuestion(),
            new HandlingQuestion(),
            new OrderQuestion(),
            new HeatQuestion(),
            new NailsQuestion(),
            new LevelEarsQuestion(),
            new BalanceQuestion(),
            new NeckwearQuestion(),
            new BreedQuestion(),
            new MixQuestion(),
            new WearQuestion(),
            new ShorthandQuestion(),
            new MeasureQuestion(),
            new PatternQuestion(),
            new OutlookQuestion(),
            new TodayQuestion(),
        ];
    }

    /**
     * @param list<string> $arguments without the program's name
     *
     * @return int exit code
     */
    public function run(array $arguments): int
    {
        if ([] === $arguments || \in_array($arguments[0], ['--help', '-h'], true)) {
            fwrite($this->out, self::HELP);

            return [] === $arguments ? 2 : 0;
        }
        if (['--list'] === $arguments) {
            $this->print([
                'rules' => array_map(
                    static fn (Question $q): array => ['rule' => $q->name(), 'summary' => $q->summary()],
                    $this->questions,
                ),
            ]);

            return 0;
        }
        try {
            $question = $this->question($arguments[0]);
            $option = $this->option(\array_slice($arguments, 1));
        } catch (InvalidInput $e) {
            return $this->fail($e);
        }
        if ('--schema' === $option) {
            $this->print(
                [
                    '$schema' => 'https://json-schema.org/draft/2020-12/schema',
                    'title' => $question->name(),
                    'description' => $question->summary(),
                ] + $question->shape()->toJsonSchema(),
            );

            return 0;
        }
        if ('--lines' === $option) {
            while (false !== ($line = fgets($this->in))) {
                // A blank line is answered too, so that answers and lines keep step.
                $this->answer($question, $line);
            }

            return 0;
        }

        return $this->answer($question, (string) stream_get_contents($this->in, self::MAX_BYTES + 1));
    }

    private function answer(Question $question, string $json): int
    {
        try {
            if (\strlen($json) > self::MAX_BYTES) {
                throw InvalidInput::at('input', 'must be smaller than 5 MB');
            }
            try {
                $input = json_decode($json, false, 32, \JSON_THROW_ON_ERROR);
            } catch (\JsonException $e) {
                throw InvalidInput::at(
                    'input',
                    '' === trim($json)
                        ? 'is empty: give a JSON object on standard input'
                        : 'is not JSON: '.$e->getMessage(),
                );
            }
            $this->print($question->answer($question->shape()->fields($input)));

            return 0;
        } catch (InvalidInput $e) {
            return $this->fail($e);
        } catch (\Throwable $e) {
            // A fault of ours: said as one, and the rest of a stream goes on.
            return $this->fail(InvalidInput::at('input', 'cannot be answered: '.$e->getMessage()));
        }
    }

    private function question(string $name): Question
    {
        foreach ($this->questions as $question) {
            if ($question->name() === $name) {
                return $question;
            }
        }
        throw InvalidInput::notOneOf(
            'rule',
            $name,
            array_map(static fn (Question $q): string => $q->name(), $this->questions),
            'rule',
        );
    }

    /** @param list<string> $rest */
    private function option(array $rest): string
    {
        if ([] === $rest) {
            return '';
        }
        if (1 === \count($rest) && \in_array($rest[0], ['--schema', '--lines'], true)) {
            return $rest[0];
        }
        throw InvalidInput::notOneOf('option', implode(' ', $rest), ['--schema', '--lines'], 'option');
    }

    private function fail(InvalidInput $e): int
    {
        $this->print(['error' => ['field' => $e->field, 'message' => $e->getMessage()]]);

        return 2;
    }

    /** @param array<string, mixed> $answer */
    private function print(array $answer): void
    {
        fwrite($this->out, json_encode($answer, self::FLAGS)."\n");
    }
}
