class VesselsController < ApplicationController
  before_action :load_vessel, only: %i[show update]

  def index
    @vessels = Vessel.long.order(:name)
  end

  def show
    @fee = FeeCalculator.new(@vessel).fee
  end

  def update
    if @vessel.update(vessel_params)
      redirect_to @vessel
    else
      render :edit, status: :unprocessable_entity
    end
  end

  private

  def load_vessel
    @vessel = Vessel.find(params[:id])
  end

  def vessel_params
    params.require(:vessel).permit(:name, :length)
  end
end
