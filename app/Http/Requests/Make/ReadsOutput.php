<?php

declare(strict_types=1);

namespace App\Http\Requests\Make;

use App\Forms\Answers;
use App\Forms\Offered;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Node;
use Nailrod\Core\Mapping\Output\Output;
use Nailrod\Core\Mapping\Output\Outputs;

/** Reads the output that was chosen in the fields of `<x-output-fields>`. */
trait ReadsOutput
{
    /** @throws FormatError if it is not as its kind wants it */
    public function output(): Output
    {
        return Outputs::read(Node::of($this->outputSaid(), 'the assignment'));
    }

    /** @return array<string, mixed> what was chosen, in the open format */
    protected function outputSaid(): array
    {
        return (new Answers($this->array('output')))->kind(Offered::all(), $this->string('does')->toString());
    }
}
