import type { JobDocument } from '../api/client';
import { QuantityField } from '../ui/QuantityField';
import { TextField } from '../ui/TextField';

interface Props {
  job: JobDocument;
  errorAt: (field: string) => string | undefined;
  onChange: (change: Partial<JobDocument>) => void;
}

export function JobFields({ job, errorAt, onChange }: Props) {
  return (
    <div className="grid grid-cols-4 gap-x-5 gap-y-3">
      <div className="col-span-2">
        <TextField
          label="Complaint"
          hint="Why is it here?"
          value={job.complaint}
          error={errorAt('complaint')}
          onCommit={(complaint) => onChange({ complaint })}
        />
      </div>
      <TextField
        label="Date"
        hint="2026-11-25"
        value={job.date}
        error={errorAt('date')}
        onCommit={(date) => onChange({ date })}
      />
      <TextField
        label="Technician"
        value={job.technician}
        error={errorAt('technician')}
        onCommit={(technician) => onChange({ technician })}
      />
      <div className="col-span-2">
        <TextField
          label="Owner"
          value={job.owner}
          error={errorAt('owner')}
          onCommit={(owner) => onChange({ owner })}
        />
      </div>
      <div className="col-span-2">
        <TextField
          label="Craft or machine"
          value={job.craft}
          error={errorAt('craft')}
          onCommit={(craft) => onChange({ craft })}
        />
      </div>
      <QuantityField
        label="Distance"
        quantity="distance"
        value={job.distanceKm}
        error={errorAt('distanceKm')}
        onCommit={(distanceKm) => onChange({ distanceKm })}
      />
      <QuantityField
        label="Hours run"
        unit="h"
        value={job.hours}
        error={errorAt('hours')}
        onCommit={(hours) => onChange({ hours })}
      />
      <QuantityField
        label="Altitude"
        quantity="height"
        value={job.altitudeM}
        error={errorAt('altitudeM')}
        onCommit={(altitudeM) => onChange({ altitudeM })}
      />
      <QuantityField
        label="or barometer, absolute"
        quantity="pressure"
        value={job.ambientKPa}
        error={errorAt('ambientKPa')}
        onCommit={(ambientKPa) => onChange({ ambientKPa })}
      />
      <QuantityField
        label="Air temperature"
        quantity="temperature"
        value={job.temperatureC}
        error={errorAt('temperatureC')}
        onCommit={(temperatureC) => onChange({ temperatureC })}
      />
    </div>
  );
}
