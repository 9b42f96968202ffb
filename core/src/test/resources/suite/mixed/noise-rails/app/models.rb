module Trackable
  extend ActiveSupport::Concern

  included do
    has_many :changes, as: :subject
    after_save :record_change
  end

  def record_change
    changes.create!(fields: previous_changes.keys)
  end
end

class Vessel < ApplicationRecord
  include Trackable

  belongs_to :owner
  has_many :inspections, dependent: :destroy

  validates :name, presence: true
  validates :length, numericality: { greater_than: 0 }

  scope :long, -> { where('length > ?', 100) }

  def inspected?
    inspections.any? { |inspection| inspection.valid_on?(Date.current) }
  end
end

class Inspection < ApplicationRecord
  belongs_to :vessel

  def valid_on?(day)
    day.between?(starts_on, ends_on)
  end
end

class Owner < ApplicationRecord
  has_many :vessels

  def fees
    vessels.sum { |vessel| FeeCalculator.new(vessel).fee }
  end
end

class FeeCalculator
  BASE = 50

  def initialize(vessel, base: BASE)
    @vessel = vessel
    @base = base
  end

  def fee
    fee = @base + @vessel.length * 2
    @vessel.inspected? ? fee : fee * 2
  end
end
