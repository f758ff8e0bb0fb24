<?php

declare(strict_types=1);

namespace Nailrod\Core\Mapping\Action;

use Nailrod\Core\Format\Field;
use Nailrod\Core\Format\Fields;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Format\Type\Choice;
use Nailrod\Core\Format\Type\Text;
use Nailrod\Core\Mapping\Output\KeyStroke;

/** A key stroke that a simulator, or the desktop around it, keeps for itself: nothing else is reached by it. */
final readonly class ReservedKey
{
    public const GAME = 'game';
    public const DESKTOP = 'desktop';

    /**
     * @param string $by    one of the words above
     * @param string $opens what comes up when it is pressed; empty if nobody has said
     */
    public function __construct(public KeyStroke $key, public string $by, public string $opens) {}

    public static function fields(): Fields
    {
        return Fields::of(
            ...array_values(KeyStroke::ofAction()->all),
            ...[
                Field::optional(
                    self::GAME,
                    'by',
                    'Kept by',
                    Choice::of(self::GAME, self::DESKTOP),
                    'Who keeps it: the simulator, or the desktop around it.',
                ),
                Field::optional(null, 'opens', 'Opens', new Text(40), 'What comes up when it is pressed.'),
            ],
        );
    }

    /** @throws FormatError with the place of what is wrong */
    public static function read(Node $node): self
    {
        $given = self::fields()->read($node);

        return new self(
            KeyStroke::read($node->without(['by', 'opens'])),
            $given->text('by'),
            $given->textOrNull('opens') ?? '',
        );
    }

    /** @return array<string, mixed> in the open format */
    public function toArray(): array
    {
        return $this->key->toArray() + ($this->by === self::GAME ? [] : ['by' => $this->by]) + (
            $this->opens === '' ? [] : ['opens' => $this->opens]
        );
    }

    public function isIt(KeyStroke $key): bool
    {
        return $this->isPressedBy($key->code, $key->with);
    }

    /** @param list<string> $with codes of the modifiers that are down */
    public function isPressedBy(string $code, array $with): bool
    {
        return $this->key->code === $code
            && array_diff($this->key->with, $with) === []
            && array_diff($with, $this->key->with) === [];
    }

    /** "Alt+Tab, which the desktop keeps for the list of windows" */
    public function inWords(): string
    {
        return $this->key->label().', which the '.$this->by.' keeps '.(
            $this->opens === '' ? 'for itself' : ($this->by === self::DESKTOP ? 'for the ' : 'for its ').$this->opens
        );
    }
}
