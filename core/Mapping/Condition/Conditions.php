<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Condition;

use Nailrod\Core\Format\CanGrow;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Id;

/** What can be asked of a run, one line each, in the order in which a form offers it; and how it is read. */
final class Conditions
{
    /** @use CanGrow<Question> */
    use CanGrow;

    /** @var list<class-string<Question>> */
    private const OWN = [
        FlagIs::class,
        StopIs::class,
        LayerIs::class,
        VariableIs::class,
    ];

    /** @return array<string, class-string<Question>> by sort */
    public static function all(): array
    {
        $all = [];
        foreach ([...self::OWN, ...self::$added] as $class) {
            $all[$class::sort()] = $class;
        }

        return $all;
    }

    /** @throws FormatError with the place of what is wrong */
    public static function read(Node $node): Condition
    {
        foreach ([Joined::ALL, Joined::ANY] as $how) {
            if ($node->has($how)) {
                $node->only([$how]);
                $questions = array_map(self::question(...), $node->get($how)->list(Joined::MOST));

                return (
                    count($questions) > 1 ? Joined::of($how, $questions) : null
                ) ?? throw $node->get($how)->refuse('two to four of them');
            }
        }

        return self::question($node);
    }

    /**
     * What a question asks for: one of the constants of Type\Id.
     *
     * @param class-string<Question> $class
     */
    public static function asksFor(string $class): string
    {
        $type = $class::fields()->all[$class::sort()]->type;

        return $type instanceof Id ? $type->sort : throw new \LogicException('No question: '.$class);
    }

    /** @throws FormatError with the place of what is wrong */
    private static function question(Node $node): Question
    {
        $all = self::all();
        $sorts = array_values(array_filter(array_keys($all), $node->has(...)));
        if (count($sorts) !== 1) {
            throw $node->refuse('one of "'.implode('", "', array_keys($all)).'"');
        }
        $class = $all[$sorts[0]];

        return $class::from($class::fields()->read($node));
    }

    /** @return array<string, mixed> in JSON Schema */
    public static function schema(): array
    {
        $questions = array_values(
            array_map(fn (string $class): array => $class::fields()->schema([], $class::about()), self::all()),
        );
        $joined = fn (string $how, string $about): array => [
            'description' => $about,
            'type' => 'object',
            'properties' => [
                $how => [
                    'type' => 'array',
                    'minItems' => 2,
                    'maxItems' => Joined::MOST,
                    'items' => ['oneOf' => $questions],
                ],
            ],
            'required' => [$how],
            'additionalProperties' => false,
        ];

        return [
            'description' => 'What something depends on.',
            'oneOf' => [
                ...$questions,
                $joined(Joined::ALL, 'All of these hold.'),
                $joined(Joined::ANY, 'One of these holds.'),
            ],
        ];
    }

    /**
     * A condition with other names in it, as it stands in the file: see Type::renamed().
     *
     * @param callable(string, string): string $as
     */
    public static function renamed(mixed $said, callable $as): mixed
    {
        if (! is_array($said)) {
            return $said;
        }
        foreach ([Joined::ALL, Joined::ANY] as $how) {
            if (is_array($said[$how] ?? null)) {
                return [$how => array_map(fn (mixed $one): mixed => self::renamed($one, $as), $said[$how])] + $said;
            }
        }
        foreach (array_intersect_key(self::all(), $said) as $class) {
            return $class::fields()->renamed($said, $as);
        }

        return $said;
    }
}
