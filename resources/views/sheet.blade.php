<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $sheet->title }}</title>
<style>
@page { margin: {{ $layout === 'page' ? '10mm 14mm 8mm' : '14mm 14mm 12mm' }}; }
body { font: {{ $layout === 'page' ? '8.8pt' : '10pt' }}/1.12 text; color: #000; margin: 0; }
h1, h2, .number { font-family: display; font-weight: bold; margin: 0; line-height: 1.15; }
h1 { font-size: 20pt; } h2 { font-size: {{ $layout === 'page' ? '11pt' : '12.5pt' }}; }
p, ul { margin: 0; } ul { padding-left: 5mm; }
table { width: 100%; border-collapse: collapse; } td { vertical-align: top; padding: 0; }
.head { border-bottom: 0.6mm solid #000; margin-bottom: 2mm; } .head td { vertical-align: bottom; padding-bottom: 2mm; }
.right { text-align: right; } .soft { color: #444; } .small { font-size: {{ $layout === 'page' ? '8.4pt' : '9pt' }}; } .picture { height: 42mm; } .fault { border: 0.3mm solid #111; padding: 1mm; margin-top: 2mm; }
.item { border-bottom: 0.2mm solid #999; page-break-inside: avoid; } .item td { padding: {{ $layout === 'page' ? '1mm' : '2mm' }} 0; } .item td td { padding: 0; }
.number { font-size: 16pt; width: 9mm; } .dose { font-weight: bold; font-size: {{ $layout === 'page' ? '10pt' : '11.5pt' }}; white-space: nowrap; }
.boxes { margin-top: 0.8mm; } .boxes td { width: 6mm; padding: 0 1.2mm 0 0; font-size: 8pt; color: #444; } .box { border: 0.3mm solid #000; width: 3.6mm; height: 3.6mm; display: inline-block; margin-right: 1mm; }
.card { border: 0.4mm solid #000; width: 78mm; height: 104mm; padding: 4mm; page-break-inside: avoid; } .card .number { font-size: 34pt; width: auto; }
.foot { margin-top: {{ $layout === 'page' ? '1.5mm' : '3mm' }}; page-break-inside: avoid; } .foot p { margin-bottom: 1mm; {{ $layout === 'page' ? 'font-size: 8pt;' : '' }} } .caution { border-left: 1mm solid #000; padding-left: 2.5mm; }
</style>
</head>
<body>
<table class="head"><tr>
<td><h1>{{ $sheet->title }}</h1><p>{{ $sheet->person }}</p></td>
<td class="right soft small">{{ $practice }}<br>{{ $sheet->date }} · {{ $sheet->totalText }} · {{ $sheet->daysText }}</td>
@if ($code)<td style="width: 27mm" class="right">{{ $code }}</td>@endif
</tr></table>
@if ($address)<p class="small">On your phone: {{ $address }}</p>@endif
@if ($sheet->picksText)<p><strong>{{ $sheet->picksText }}</strong></p>@endif
@foreach ($sheet->circuits as $circuit)<p><strong>{{ $circuit }}</strong></p>@endforeach
@if ($layout === 'cards')
<table>
@foreach (array_chunk($sheet->items, 2) as $row => $pair)
<tr>@foreach ($pair as $side => $item)<td style="width: 50%; padding: 2mm 0"><div class="card">
<table><tr><td class="number">{{ 2 * $row + $side + 1 }}</td><td class="right small soft">{{ $item->kit }}</td></tr></table>
<div class="picture">{{ $pictures[2 * $row + $side] }}</div>
<h2>{{ $item->name }}</h2><p class="dose">{{ $item->doseText }}</p>
<p class="soft small">{{ collect([$item->tempoText, $item->restText])->filter()->implode(' · ') }}</p>
<p style="margin-top: 2mm">{{ $item->cues[0] ?? '' }}</p>
@if ($item->setUp)<p class="small"><strong>{{ $item->setUp }}</strong></p>@endif
</div></td>@endforeach</tr>
@endforeach
</table>
@else
@foreach ($sheet->items as $number => $item)
<table class="item" @if ($layout === 'page' && $number > 0 && $number % 8 === 0) style="page-break-before: always" @endif><tr>
<td class="number">{{ $number + 1 }}</td>
<td style="width: {{ $layout === 'page' ? 30 : 38 }}mm; padding-right: 4mm">{{ $pictures[$number] }}@if ($layout === 'whole' && $faults[$number])<div class="fault">{{ $faults[$number] }}<p class="small"><strong>Not so: {{ lcfirst(rtrim($item->fault->seen, '.')) }}</strong></p></div>@endif</td>
<td>
<table><tr><td><h2>{{ $item->name }}</h2></td><td class="right dose">{{ $item->doseText }}</td></tr></table>
<p class="soft small">{{ collect([$item->position, $item->kit ? 'with '.$item->kit : '', $item->tempoText, $item->restText])->filter()->implode(' · ') }}</p>
@if ($item->setUp)<p class="small"><strong>{{ $item->setUp }}</strong></p>@endif
@if ($layout === 'page')
<p class="small">{{ implode(' ', array_slice($item->cues, 0, 2)) }}</p>
@isset ($item->faults[0])<p class="small"><strong>If you see:</strong> {{ $item->faults[0]->seen }} <strong>Then:</strong> {{ $item->faults[0]->fix }}</p>@endisset
<table class="boxes"><tr>@for ($week = 1; $week <= 4; $week++)<td style="width: 25%">week {{ $week }} @for ($day = 0; $day < $days; $day++)<span class="box"></span>@endfor</td>@endfor</tr></table>
@else
<ul>@foreach ($item->cues as $cue)<li>{{ $cue }}</li>@endforeach</ul>
@foreach ($item->faults as $fault)<p class="small"><strong>If you see:</strong> {{ $fault->seen }} <strong>Then:</strong> {{ $fault->fix }}</p>@endforeach
<p class="small"><strong>Check:</strong> {{ $item->check }} <strong>Felt:</strong> {{ $item->felt }} <strong>Easier today:</strong> {{ $item->fallback }} <strong>To end:</strong> {{ $item->wayOut }}</p>
@endif
</td>
</tr></table>
@endforeach
@endif
<div class="foot">
@foreach ($sheet->cautions as $caution)<p class="caution">{{ $caution }}</p>@endforeach
<p class="small">{{ $stop }}</p>
</div>
</body>
</html>
