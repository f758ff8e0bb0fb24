<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Simulator;

use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Json;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Action\Catalogue;
use Nailrod\Core\Mapping\Output\AxisOutput;
use Nailrod\Core\Mapping\Output\IsNumbered;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\Outputs;
use Nailrod\Core\Mapping\Output\PressesKeys;
use Nailrod\Core\Set\BindingSet;

/**
 * What a game is told in its own settings: by which controller axis, controller button or key stroke each of its
 * actions is reached. The open format `nailrod-bindings`, version 1 (`schema/bindings.schema.json`). Variables are
 * written from outside and are no part of it.
 */
final readonly class GameBindings
{
    public const FORMAT = 'nailrod-bindings';

    /** @param array<string, IsNumbered|PressesKeys> $ways by action, in the order of the catalogue */
    private function __construct(public string $simulator, public array $ways) {}

    /** The list that goes with a set; only actions that the game knows, and only what is bound in a game. */
    public static function of(BindingSet $set, Catalogue $catalogue): self
    {
        $ways = [];
        foreach (Keys::of($catalogue->actions) as $action) {
            $way = $set->wayOf($action);
            if (self::isBound($way)) {
                $ways[$action] = $way;
            }
        }

        return new self($catalogue->id, $ways);
    }

    /**
     * @throws FormatError with the path of what does not fit the format or the game
     */
    public static function read(string $json, Catalogue $catalogue): self
    {
        $node = Node::of(Json::decode($json))->only(['format', 'version', 'simulator', 'bindings']);
        $node->get('format')->oneOf([self::FORMAT]);
        $node->get('version')->int(1, 1);
        $node->get('simulator')->oneOf([$catalogue->id]);
        $ways = [];
        foreach (Keys::each($node->get('bindings')->map()) as $action => $binding) {
            if ($catalogue->action($action) === null) {
                throw FormatError::at($binding->path, $action, 'an action of '.$catalogue->name);
            }
            $binding->get('kind')->oneOf(['axis', 'button', 'key']);
            $way = Outputs::read($binding);
            if ($way instanceof AxisOutput !== $catalogue->actions[$action]->isAxis()) {
                throw $binding->get('kind')->refuse(
                    $catalogue->actions[$action]->isAxis()
                        ? 'axis, since this action is one'
                        : 'button or key, since this action is no axis',
                );
            }
            if (self::isBound($way)) {
                $ways[$action] = $way;
            }
        }

        return new self($catalogue->id, $ways);
    }

    public function toJson(): string
    {
        return Json::encode([
            'format' => self::FORMAT, 'version' => 1, 'simulator' => $this->simulator,
            'bindings' => (object) array_map(fn (Output $way) => $way->toArray(), $this->ways),
        ]);
    }

    /** @phpstan-assert-if-true IsNumbered|PressesKeys $way */
    private static function isBound(?Output $way): bool
    {
        return $way instanceof IsNumbered || $way instanceof PressesKeys;
    }
}
