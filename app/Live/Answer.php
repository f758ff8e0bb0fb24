<?php

declare(strict_types=1);

namespace App\Live;

use Nailrod\Core\Format\Keys;
use Nailrod\Core\Live\Live;
use Nailrod\Core\Live\LivePicture;
use Nailrod\Core\Live\LiveStep;
use Nailrod\Core\Live\Telling;
use Nailrod\Core\Output\OutputEvent;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Simulator\GameEvent;
use Nailrod\Core\Tape\OutputWords;
use Nailrod\Core\Tape\Sentence;

/** What a page is told after a step: plain data and finished words. */
final class Answer
{
    /** The lanes show ten seconds; a page that was away needs no more than what it can draw of them. */
    public const MOST_ROWS = 2000;

    /** @return array<string, mixed> */
    public static function of(Live $live, LiveStep $step, LivePicture $picture, BindingSet $set, string $look = ''): array
    {
        $words = new OutputWords($set);
        $layer = $live->liveLayer();

        return [
            'now' => $live->state->run->now,
            'due' => $live->nextDue(),
            'moving' => $live->isGameMoving(),
            'layer' => ['id' => $layer, 'name' => $set->layers[$layer]->name],
            'axes' => $picture->axes(),
            'closed' => $picture->closed(),
            'stops' => $picture->openStops(),
            'lamps' => (object) $live->state->run->lamps->lit,
            'flags' => $picture->raisedFlags(),
            'hands' => $live->state->hands,
            'reports' => $live->reports(),
            'unplugged' => Keys::of($live->state->unplugged),
            'variables' => $picture->variables(),
            'window' => $live->state->game->window,
            'lines' => array_map(fn (Sentence $line) => [
                't' => $line->t, 'about' => $line->about, 'parts' => $line->parts, 'ends' => $line->ends, 'keys' => $line->keys,
            ], $step->sentences),
            'sent' => array_map(fn (OutputEvent $event) => [
                't' => $event->t, 'kind' => $event->kind, 'target' => $event->target, // A lane of a lamp shows whether it is lit; how, is seen on the device.
                'value' => $event->kind === OutputEvent::LAMP ? (int) ($event->value !== 0) : $event->value, 'name' => $words->nameOf($event),
            ], self::latest(array_filter($step->outputs, fn (OutputEvent $event) => ! Telling::isLampByItself($event)))),
            'game' => array_map(fn (GameEvent $event) => [
                't' => $event->t, 'variable' => $event->variable, 'value' => $event->value,
                ...$words->game($event),
                'by' => $event->by?->key(),
            ], self::latest($step->game)),
            'problems' => $step->problems,
        ] + SurveyAnswer::of($live->state->survey, $set, $live->state->run->now, $look);
    }

    /**
     * @template T
     *
     * @param array<array-key, T> $rows
     *
     * @return list<T>
     */
    private static function latest(array $rows): array
    {
        return array_slice(array_values($rows), -self::MOST_ROWS);
    }
}
