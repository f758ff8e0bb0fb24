@php($place = $view->place)
@php($catalogue = $place->set->catalogue)
<x-layout :place="$place" title="Plan">
    @if ($catalogue === null)
        <section class="column"><h1>Plan</h1><p class="empty">The set {{ $place->record->name }} has no simulator, so there is nothing to plan. Pick a set below it in the bar above, or <a class="link" href="{{ $place->at('actions') }}">bring or write a list of actions</a>.</p></section>
    @else
    @push('skips')<a class="skip" href="#proposed">To the proposals</a>@endpush
    @php($figures = $view->figures())
    <section class="column plan__actions" aria-labelledby="plan-title">
        <h1 id="plan-title">Plan <span class="column__note">what {{ $catalogue->name }} can be told to do, and what reaches it</span></h1>
        <ul class="figures" aria-label="How far the set is">
            <li><b class="figure">{{ $figures['reached'] }}</b> of {{ $figures['of'] }} reached</li>
            <li @class(['is-short' => $figures['needed'] > 0])><b class="figure">{{ $figures['needed'] }}</b> needed, not reached</li>
            <li>buttons <b class="figure">{{ $figures['buttons'] }}</b></li>
            <li>axes <b class="figure">{{ $figures['axes'] }}</b></li>
        </ul>
        <p class="plan__do"><a class="button button--main" href="{{ route('plan', ['set' => $place->record->id, 'propose' => App\View\Plan\PlanView::ALL]) }}" data-refresh>Propose the whole plan</a> <a class="link" href="{{ route('carry', $place->record->id) }}">Carry over from another set or device</a></p>
        <div class="scroll plan__list" id="plan-list" tabindex="0" role="region" aria-label="Actions of {{ $catalogue->name }}">
            @foreach ($view->groups() as $group => $actions)
                <table class="plan-group" data-group="{{ $group }}"><caption><span>{{ $catalogue->groups[$group] }}</span><small>{{ $view->reached($actions) }} of {{ count($actions) }}</small>@if ($view->reached($actions) < count($actions))<a class="link" href="{{ route('plan', ['set' => $place->record->id, 'propose' => $group]) }}" data-refresh>Propose</a>@endif</caption><tbody>
                @foreach ($actions as $action)
                    @php($reached = $view->reach->reaches($action->id))
                    <tr data-action="{{ $action->id }}" @class(['is-reached' => $reached, 'is-picked' => $view->take?->id === $action->id])>
                        <th scope="row"><span class="action__dot" aria-hidden="true"></span>{{ $action->name }}@if ($action->essential) <small class="action__needed">needed</small>@endif</th>
                        <td>@if ($reached)<a href="{{ route('assign', ['set' => $place->record->id, 'layer' => $view->reach->spots($action->id)[0]->layer, 'ref' => $view->reach->spots($action->id)[0]->ref]) }}">{{ $view->where($action) }}</a>@else<a class="link" href="{{ route('plan', ['set' => $place->record->id, 'take' => $action->id, 'propose' => $view->asked]) }}" data-refresh title="Then press the control for it">{{ $action->isAxis() ? 'Move' : 'Press' }} a control</a>@endif</td>
                        <td class="right">@if (($way = $place->set->wayOf($action->id)) !== null)<span class="way">{{ $place->words->output($way) }}</span>@endif</td>
                    </tr>
                @endforeach
                </tbody></table>
            @endforeach
        </div>
    </section>
    <section class="column plan__proposals" id="proposed" tabindex="-1" aria-labelledby="proposals-title">
        <h2 class="column__title" id="proposals-title">Proposed <span class="column__note">@if ($view->plan !== null){{ $view->asked === App\View\Plan\PlanView::ALL ? 'for all that is not reached' : 'for '.$catalogue->groups[$view->asked] }}@endif</span></h2>
        @if ($view->take !== null)
            <div class="take-up" data-take><p><strong>{{ $view->take->isAxis() ? 'Move' : 'Press' }} the control for {{ $view->take->name }}.</strong> It is assigned in the layer that is live then. <a class="link" href="{{ route('plan', ['set' => $place->record->id, 'propose' => $view->asked]) }}" data-refresh>Leave it</a></p>
            <form data-does="edit" method="post" action="{{ route('plan.press', $place->record->id) }}" data-edit novalidate hidden>{{ $place->from() }}<input name="layer"><input name="ref"><input name="action" value="{{ $view->take->id }}"></form>
            @if ($view->device !== null)
                <p class="chips" role="group" aria-label="Device that is drawn">@foreach ($place->set->rig->devices as $id => $device)<a class="chip" href="{{ $view->drawing((string) $id) }}" data-refresh @if ($device->id === $view->device->id) aria-current="true" @endif>{{ $device->name }}</a>@endforeach</p>
                <div class="plan__face"><x-face :device="$view->device" :page="$view->page" /></div>
                <x-face-pages :device="$view->device" :page="$view->page" :link="fn (int $n) => $view->drawing($view->device->id, $n)" />
            @endif
            </div>
        @endif
        @if ($view->plan === null)
            <p class="empty">Ask for a group, or for the whole plan: each proposal says where and why, and is taken or turned down by itself. Or pick an action and press its control.</p>
        @else
            <form data-does="look" action="{{ route('plan', $place->record->id) }}" data-visit class="plan__wants">
                <input type="hidden" name="propose" value="{{ $view->asked }}">
                @foreach ($view->wants->not as $one)<input type="hidden" name="not[]" value="{{ $one }}">@endforeach
                <fieldset class="choice choice--wrap"><legend>On</legend>@foreach ($place->set->rig->devices as $id => $device)<label><input type="checkbox" name="devices[]" value="{{ $id }}" @checked(in_array((string) $id, $view->wants->devices ?? [], true))><span>{{ $device->name }}@if (in_array((string) $id, $view->away, true)) <small>not there</small>@endif</span></label>@endforeach</fieldset>
                <p class="column__note">{{ $view->isRigSilent ? 'The rig does not answer, so nobody knows which of them are plugged in: all are taken as there.' : '' }} {{ $view->wants->devices !== null ? 'only these' : ($view->away === [] ? 'none picked: all of them' : 'none picked: all that are there') }}</p>
                <fieldset class="choice"><legend>By</legend>@foreach (['output' => 'output where the game takes it', 'key' => 'key'] as $by => $words)<label><input type="radio" name="by" value="{{ $by }}" @checked($view->wants->by === $by)><span>{{ $words }}</span></label>@endforeach</fieldset>
            </form>
            <form data-does="edit" method="post" action="{{ route('plan.take', $place->record->id) }}" data-edit novalidate class="proposals-form">
                {{ $place->from() }}<input type="hidden" name="propose" value="{{ $view->asked }}">
                @foreach (['not' => $view->wants->not, 'devices' => $view->devices, 'otherwise' => $view->wants->otherwise] as $field => $values)@foreach ($values as $one)<input type="hidden" name="{{ $field }}[]" value="{{ $one }}">@endforeach @endforeach<input type="hidden" name="by" value="{{ $view->wants->by }}">
                <p class="plan__do">@if ($view->plan->proposals !== [])<button class="button button--main">Take all {{ count($view->plan->proposals) }}</button> <span class="column__note">then {{ $catalogue->buttons === 0 ? 'no controller is used' : $view->plan->buttons.' buttons and '.$view->plan->axes.' axes are left' }}</span>@elseif ($view->plan->left === [])<span class="empty">Everything here is reached.</span>@endif</p>
                <ol class="proposals scroll" id="proposals" tabindex="0" aria-label="Proposals">
                    @foreach ($view->plan->proposals as $proposal)
                        <li class="proposal" data-proposal="{{ $proposal->id() }}">
                            @foreach ($proposal->choices as $choice)
                                <p class="proposal__what"><b>{{ $choice->action->name }}</b>@if ($choice->action->essential) <small class="action__needed">needed</small>@endif <span aria-hidden="true">←</span> {{ $view->spot($choice->spot) }} <span class="way">{{ $place->words->output($choice->way->way) }}</span></p>
                            @endforeach
                            <p class="proposal__why">{{ ucfirst($proposal->why) }}. {{ ucfirst($proposal->choices[0]->way->why) }}.</p>
                            <p class="proposal__do"><button class="button" name="only" value="{{ $proposal->id() }}">Take</button> @if ($proposal->goesEitherWay($place->set))<a class="link link--quiet" href="{{ $view->otherwise($proposal) }}" data-refresh>{{ $view->isByKey($proposal) ? 'By output' : 'By key' }}</a> @endif<a class="link link--quiet" href="{{ $view->without($proposal->refusal()) }}" data-refresh>Not there</a></p>
                        </li>
                    @endforeach
                    @foreach ($view->plan->left as $action => $why)<li class="proposal proposal--left"><p class="proposal__what"><b>{{ $catalogue->actions[$action]->name }}</b></p><p class="proposal__why">Left over: {{ $why }}.</p></li>@endforeach
                </ol>
            </form>
        @endif
    </section>
    <section class="column plan__told" aria-labelledby="told-title">
        <h2 class="column__title" id="told-title">Told <span class="column__note">{{ $view->report->inWords() }}</span></h2>
        <div class="scroll" tabindex="0" role="region" aria-labelledby="told-title" id="told-list">@include('partials.told', ['report' => $view->report, 'elsewhere' => true])</div>
    </section>
    @endif
</x-layout>
