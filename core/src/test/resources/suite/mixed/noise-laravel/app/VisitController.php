<?php

namespace App\Http\Controllers;

use App\Models\Ship;
use App\Models\Visit;
use App\Services\DuesCalculator;
use Illuminate\Http\Request;

class VisitController extends Controller
{
    public function __construct(private DuesCalculator $dues)
    {
    }

    public function index()
    {
        return Visit::with('ship')->latest()->paginate(20);
    }

    public function store(Request $request)
    {
        $data = $request->validate(['ship_id' => 'required|exists:ships,id']);
        $visit = Ship::findOrFail($data['ship_id'])->visits()->create(['arrived_at' => now()]);

        return response()->json($visit, 201);
    }

    public function close(Visit $visit)
    {
        abort_unless($visit->isOpen(), 409, 'left already');
        $visit->update(['left_at' => now()]);

        return ['dues' => $this->dues->for($visit)];
    }
}
