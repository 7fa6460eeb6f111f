import type { PropertySummary } from '@etappe/core';
import { PlusOutlined } from '@ant-design/icons';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Alert, Button } from 'antd';
import { Suspense, lazy, useState } from 'react';
import { Link } from 'react-router';
import { HouseHead } from '../lists/house-head.tsx';
import { Pager, useListQuery } from '../lists/list-query.tsx';
import '../lists/lists.css';
import { queryKeys } from '../query-keys.ts';
import { server } from '../server-connection.ts';

const NewJobDialog = lazy(async () => ({
  default: (await import('../new-job/new-job-dialog.tsx')).NewJobDialog,
}));
const ContactDialog = lazy(async () => ({ default: (await import('./contact-dialog.tsx')).ContactDialog }));

/** Customers with their properties and the jobs on each: where the next job on a known property begins. */
export function PropertiesPage() {
  const { query, set } = useListQuery();
  const properties = useQuery({
    queryKey: queryKeys.propertyList(query),
    queryFn: () => server.properties(query),
    placeholderData: keepPreviousData,
  });
  const customers = useQuery({ queryKey: queryKeys.customers, queryFn: server.customers });
  const [job, setJob] = useState<PropertySummary | null>(null);
  const [contact, setContact] = useState<string | null>(null);
  const shown = properties.data?.properties ?? [];
  const customer = customers.data?.customers.find((c) => c.id === contact);
  return (
    <div className="jobs-page">
      <HouseHead />
      <main>
        <div className="jobs-bar">
          <h2>Properties</h2>
          <label className="jobs-find">
            <span className="visually-hidden">Find a property</span>
            <input
              type="search"
              placeholder="Find a property or customer"
              value={query.find}
              onChange={(event) => {
                set({ find: event.target.value, from: '' });
              }}
            />
          </label>
        </div>
        {properties.error && (
          <Alert
            type="warning"
            showIcon
            title="Properties cannot be loaded right now"
            description={`${properties.error.message} Retrying automatically.`}
          />
        )}
        {properties.isPending && (
          <div className="jobs-skeleton" role="status" aria-label="Loading properties" />
        )}
        {shown.length > 0 && (
          <table className="jobs-table properties-table">
            <thead>
              <tr>
                <th>Customer</th>
                <th>Property</th>
                <th>Jobs, newest first</th>
                <th>Surfaces</th>
                <th>
                  <span className="visually-hidden">New job</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {shown.map((property, i) => (
                <tr key={property.id}>
                  <td>
                    {property.customerId !== null && property.customer !== shown[i - 1]?.customer && (
                      <Button
                        type="link"
                        className="customer-name"
                        onClick={() => {
                          setContact(property.customerId);
                        }}
                      >
                        {property.customer}
                      </Button>
                    )}
                    {property.customerId === null && <span className="quiet">no customer yet</span>}
                  </td>
                  <td>
                    {property.name || <span className="quiet">without a name</span>}
                    <div className="quiet">{property.address}</div>
                  </td>
                  <td>
                    <ul className="property-jobs">
                      {property.jobs.map((j) => (
                        <li key={j.id}>
                          <Link to={`/jobs/${j.id}/walk`}>{j.name}</Link>{' '}
                          <span className="figure quiet">{j.start ?? 'no day yet'}</span>
                        </li>
                      ))}
                    </ul>
                  </td>
                  <td className="figure">{property.surfaces}</td>
                  <td>
                    <Button
                      icon={<PlusOutlined />}
                      onClick={() => {
                        setJob(property);
                      }}
                      aria-label={`New job on ${property.name}`}
                    >
                      New job
                    </Button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        {properties.data && <Pager query={query} total={properties.data.total} set={set} />}
        {properties.data && shown.length === 0 && (
          <div className="jobs-empty hairline">
            <h3>{query.find ? `No property matches “${query.find}”` : 'No properties yet'}</h3>
            <p className="quiet">
              {query.find
                ? 'Clear the search to see all properties.'
                : 'A property comes with its first job: create one on the jobs page.'}
            </p>
          </div>
        )}
      </main>
      <Suspense>
        {job && (
          <NewJobDialog
            property={job}
            close={() => {
              setJob(null);
            }}
          />
        )}
        {customer && (
          <ContactDialog
            customer={customer}
            close={() => {
              setContact(null);
            }}
          />
        )}
      </Suspense>
    </div>
  );
}
