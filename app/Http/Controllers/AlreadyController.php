<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Forms\Choices;
use App\Sets\SetStore;
use Illuminate\Http\JsonResponse;
use Nailrod\Core\Advice\Plan\Already;
use Nailrod\Core\Format\Type\Reference;
use Nailrod\Core\Rig\Device\MediaKeys;

/**
 * What can be chosen does something already, and what a control stands for: asked for when a list to choose from opens.
 */
final class AlreadyController
{
    public function __invoke(SetStore $sets, string $set): JsonResponse
    {
        $set = $sets->current($sets->open($set));
        $already = Already::of($set);
        $choices = new Choices($set);

        return new JsonResponse([
            'said' => $already->said(),
            'leads' => (object) $already->leads(),
            'names' => array_map(
                fn (string $sort) => (object) $choices->references($sort),
                [Reference::CONTACT => Reference::CONTACT, Reference::AXIS => Reference::AXIS],
            ),
            'media' => MediaKeys::byCode(),
        ]);
    }
}
