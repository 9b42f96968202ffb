<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

class Ship extends Model
{
    protected $fillable = ['name', 'length'];

    public function visits(): HasMany
    {
        return $this->hasMany(Visit::class);
    }

    public function scopeLong($query, int $metres = 100)
    {
        return $query->where('length', '>', $metres);
    }
}

class Visit extends Model
{
    protected $casts = ['arrived_at' => 'datetime', 'left_at' => 'datetime'];

    public function ship(): BelongsTo
    {
        return $this->belongsTo(Ship::class);
    }

    public function isOpen(): bool
    {
        return $this->left_at === null;
    }
}
