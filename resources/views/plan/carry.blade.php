@php($place = $view->place)
@php($post = route('carry.take', $place->record->id))
<x-layout :place="$place" title="Carry over">
    <section class="column carry__ask" aria-labelledby="carry-title">
        <h1 id="carry-title">Carry over</h1>
        <p class="column__note">Into {{ $place->record->name }}: what another set does already, or what an old device did. Nothing moves before you take it.</p>
        <x-no-roles :catalogue="$place->set->catalogue" />
        <form data-does="look" action="{{ route('carry', $place->record->id) }}" data-visit class="carry__form">
            <h2 class="column__title">From another set</h2>
            <p class="column__note">Matched by role: the same job goes to the same control where there is room for it.</p>
            <label class="field field--tall"><span>Set</span><select name="from"><option value="">none</option>{{ App\Forms\Options::of($view->sets(), $view->from?->merged->own->id) }}</select></label>
        </form>
        <form data-does="look" action="{{ route('carry', $place->record->id) }}" data-visit class="carry__form">
            <h2 class="column__title">From an old device to a new one</h2>
            <p class="column__note">Matched by role, by kind of control, and by place on the faceplate. Everything that the old one does in this set moves, in every layer.</p>
            <label class="field field--tall"><span>It goes</span><select name="old"><option value="">none</option>{{ App\Forms\Options::of($view->devices(), $view->old?->id) }}</select></label>
            <label class="field field--tall"><span>It comes</span><select name="new"><option value="">none</option>{{ App\Forms\Options::of($view->devices(), $view->new?->id) }}</select></label>
        </form>
        <p><a class="link" href="{{ route('plan', $place->record->id) }}">Back to the plan</a></p>
    </section>
    <section class="column carry__list" aria-labelledby="carried-title">
        <h2 class="column__title" id="carried-title">Proposed <span class="column__note">@if ($view->from !== null)from {{ $view->from->merged->own->name }}@elseif ($view->old !== null && $view->new !== null)from {{ $view->old->name }} to {{ $view->new->name }}@endif</span></h2>
        @if ($view->plan !== null)
            @if ($place->set->catalogue === null)<p class="empty">{{ $place->record->name }} has no simulator; pick a set below it in the bar above.</p>
            @elseif ($view->plan->proposals === [] && $view->plan->left === [])<p class="empty">Nothing is left to carry over: every role that both games have and {{ $view->from->merged->own->name }} reaches is reached here.</p>@else
            <form data-does="edit" method="post" action="{{ $post }}" data-edit novalidate class="proposals-form">{{ $place->from() }}<input type="hidden" name="carry" value="{{ $view->from->merged->own->id }}">
                @foreach ($view->not as $one)<input type="hidden" name="not[]" value="{{ $one }}">@endforeach
                @if ($view->plan->proposals !== [])<p class="plan__do"><button class="button button--main">Take all {{ count($view->plan->proposals) }}</button></p>@endif
                <ol class="proposals scroll" id="proposals" tabindex="0" aria-label="Proposals">
                    @foreach ($view->plan->proposals as $proposal)
                        <li class="proposal" data-proposal="{{ $proposal->id() }}">
                            @foreach ($proposal->choices as $choice)<p class="proposal__what"><span class="tag">{{ $choice->action->role }}</span> <b>{{ $choice->action->name }}</b> <span aria-hidden="true">←</span> {{ $place->set->rig->deviceNameOf($choice->spot->ref) }} {{ $place->set->rig->nameOf($choice->spot->ref) }} <span class="way">{{ $place->words->output($choice->way->way) }}</span></p>@endforeach
                            <p class="proposal__why">{{ ucfirst($proposal->why) }}. {{ ucfirst($proposal->choices[0]->way->why) }}.</p>
                            <p class="proposal__do"><button class="button" name="only" value="{{ $proposal->id() }}">Take</button> <a class="link link--quiet" href="{{ $view->without($proposal->refusal()) }}" data-refresh>Not there</a></p>
                        </li>
                    @endforeach
                    @foreach ($view->left() as $name => $why)<li class="proposal proposal--left"><p class="proposal__what"><b>{{ $name }}</b></p><p class="proposal__why">Left over: {{ $why }}.</p></li>@endforeach
                </ol>
            </form>
            @endif
        @elseif ($view->old !== null && $view->new !== null)
            @if ($view->matches === [])<p class="empty">{{ $view->old->name }} does nothing in this set, so there is nothing to carry over.</p>@else
            <form data-does="edit" method="post" action="{{ $post }}" data-edit novalidate class="proposals-form">{{ $place->from() }}<input type="hidden" name="old" value="{{ $view->old->id }}"><input type="hidden" name="new" value="{{ $view->new->id }}">
                @php($some = count(array_filter($view->matches, fn ($match) => $match->refs !== [])))
                @if ($some > 0)<p class="plan__do"><button class="button button--main">Take all {{ $some }}</button> <span class="column__note">{{ $some }} of {{ count($view->matches) }} controls in use have a place</span></p>@endif
                <ol class="proposals scroll" id="proposals" tabindex="0" aria-label="Proposals">
                    @foreach ($view->matches as $match)
                        <li @class(['proposal', 'proposal--left' => $match->refs === []]) data-proposal="{{ $match->control->ref }}">
                            <p class="proposal__what"><b>{{ $match->control->name }}</b> <span aria-hidden="true">→</span> {{ $match->refs === [] ? 'no place' : implode(' + ', array_map($place->set->rig->nameOf(...), $match->refs)) }} <span class="way">{{ $view->does($match) }}</span></p>
                            <p class="proposal__why">{{ ucfirst($match->why) }}.</p>
                            @if ($match->refs !== [])<p class="proposal__do"><button class="button" name="only" value="{{ $match->control->ref }}">Take</button></p>@endif
                        </li>
                    @endforeach
                </ol>
            </form>
            @endif
        @else
            <p class="empty">Pick a set, or two devices. What is proposed says why, and is taken one by one or all at once; one undo brings it back.</p>
            @if ($place->set->catalogue !== null && $view->offers() !== [])
            <table class="carry__offers"><thead><tr><th scope="col">Set</th><th scope="col" class="right">Jobs that {{ $place->set->catalogue->name }} has too</th><th scope="col" class="right">Not reached here yet</th><th scope="col"></th></tr></thead><tbody>
                @foreach ($view->offers() as $offer)<tr><th scope="row">{{ $offer['name'] }}</th><td class="right figure">{{ $offer['known'] }}</td><td class="right figure">{{ $offer['open'] }}</td><td>@if ($offer['open'] > 0)<a class="link" href="{{ route('carry', ['set' => $place->record->id, 'from' => $offer['id']]) }}" data-refresh>Look at them</a>@endif</td></tr>@endforeach
            </tbody></table>
            @endif
        @endif
    </section>
    @if ($view->old !== null && $view->new !== null)
    <section class="column carry__faces" aria-label="The two devices">
        @foreach ([$view->old, $view->new] as $device)<h2 class="column__title">{{ $device->title() }} <span class="column__note">{{ $loop->first ? 'goes' : 'comes' }}</span></h2><div class="rig__plate" inert><x-face :device="$device" /></div>@endforeach
    </section>
    @endif
</x-layout>
